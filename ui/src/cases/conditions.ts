import type { Case, Condition, Field, MapAnswer, MapEntry, Standing } from '../api/types';

/** What a condition can be chosen to say. */
export type Kind =
  | 'is filled'
  | 'is blank'
  | 'is'
  | 'is one of'
  | 'is longer than'
  | 'is wider than'
  | 'is wider than part'
  | 'is on'
  | 'is off'
  | 'is at least'
  | 'is at most';

export const ON_AIR = 'what is on air';
export const STANDINGS: Record<Standing, string> = {
  NOTHING: 'nothing',
  SAME: 'this graphic',
  ANOTHER: 'another graphic',
};
const AIR_WORDS = { nothing: 'nothing', same: 'this graphic', another: 'another graphic' } as const;
export const AIRS = Object.values(AIR_WORDS);

/** Whether it matters for some case what is on air. */
export function askOnAir(cases: Case[] | undefined): boolean {
  return (cases ?? []).some(({ when }) => when?.some(({ onAir }) => onAir !== undefined));
}

export function kindsFor(field: Field | undefined): Kind[] {
  switch (field?.kind) {
    case 'switch':
      return ['is on', 'is off'];
    case 'number':
      return ['is filled', 'is blank', 'is at least', 'is at most', 'is'];
    case 'choice':
      return ['is', 'is one of', 'is filled', 'is blank'];
    case 'picture':
    case 'colour':
      return ['is filled', 'is blank', 'is'];
    default:
      return [
        'is filled',
        'is blank',
        'is',
        'is one of',
        'is longer than',
        'is wider than',
        'is wider than part',
      ];
  }
}

export function kindOf(condition: Condition, field: Field | undefined): Kind {
  if (condition.equals !== undefined) return 'is';
  if (condition.oneOf) return 'is one of';
  if (condition.longerThan !== undefined) return 'is longer than';
  if (condition.widerThan) return condition.widerThan.part ? 'is wider than part' : 'is wider than';
  if (condition.atLeast !== undefined) return 'is at least';
  if (condition.atMost !== undefined) return 'is at most';
  const filled = condition.is === 'filled' || condition.is === 'on';
  if (field?.kind === 'switch') return filled ? 'is on' : 'is off';
  return filled ? 'is filled' : 'is blank';
}

/** A condition of a kind about a field, with something sensible to begin with. */
export function conditionOf(kind: Kind, field: Field, part: string): Condition {
  const about = { field: field.key };
  const first = field.options?.[0] ?? field.sample ?? '';
  switch (kind) {
    case 'is blank':
    case 'is off':
      return { ...about, is: 'blank' };
    case 'is':
      return { ...about, equals: first };
    case 'is one of':
      return { ...about, oneOf: [first] };
    case 'is longer than':
      return { ...about, longerThan: 20 };
    case 'is wider than':
      return { ...about, widerThan: { px: 600 } };
    case 'is wider than part':
      return { ...about, widerThan: { part } };
    case 'is at least':
      return { ...about, atLeast: 1 };
    case 'is at most':
      return { ...about, atMost: 1 };
    default:
      return { ...about, is: 'filled' };
  }
}

export function airWord(condition: Condition): string {
  return AIR_WORDS[condition.onAir ?? 'nothing'];
}

export function airOf(word: string): Condition {
  const found = Object.entries(AIR_WORDS).find(([, words]) => words === word);
  return { onAir: (found?.[0] ?? 'nothing') as Condition['onAir'] };
}

/** Entries of a map as rows: the kinds of each dimension in words, those without a case first. */
export function mapRows(answer: MapAnswer): { entry: MapEntry; words: string[] }[] {
  const rows = answer.map.entries.map((entry) => ({
    entry,
    words: entry.kinds.map((kinds, i) => {
      const all = answer.map.dimensions[i]!.kinds;
      return kinds.length === all.length ? 'any' : kinds.map((kind) => all[kind]).join(' or ');
    }),
  }));
  return rows.sort(
    (a, b) => Number(a.entry.row >= 0) - Number(b.entry.row >= 0) || a.entry.row - b.entry.row,
  );
}
