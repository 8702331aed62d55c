import type { Filling, Finding, ProofNote, Stage, Values } from '../api/types';
import type { Phase } from '../player/moment';

/** The phase of the reel in which a finding is seen: of a change, the in is the change. */
export function drawnIn({ phase }: Finding): Phase {
  return phase === 'AWAY' || phase === 'BACK' ? 'IN' : phase;
}

/** Whether they are of one cause. */
export function isSame(one: Finding, other: Finding): boolean {
  return (['check', 'part', 'other', 'phase'] as const).every((member) => one[member] === other[member]);
}

const SEEN_IN = { IN: 'in', LOOP: 'loop', OUT: 'out', AWAY: 'change', BACK: 'change' } as const;

/** The phase of a finding as a document says it of what is accepted. */
export function seenIn({ phase }: Finding): (typeof SEEN_IN)[Finding['phase']] {
  return SEEN_IN[phase];
}

/** What stood before the last change of a filling that changes. */
export function stagesOf(values: Values, then: NonNullable<Filling['then']>): Stage[] {
  const stood = [values, ...then.slice(0, -1).map((next) => next.values)];
  return stood.map((filled, i) => ({ values: filled, at: then[i]!.at }));
}

/** How many there are of something. */
export function count(number: number, word: string): string {
  return `${number} ${word}${number === 1 ? '' : 's'}`;
}

/** What a proof came to, in a few words. */
export function inWords(proof: {
  state: string;
  done: number;
  open: number;
  fillings: unknown[];
  why?: string | null;
}): string {
  if (proof.state === 'NONE') return 'not proved yet';
  if (proof.state === 'FAILED') return `could not be proved. ${proof.why ?? ''}`.trim();
  const found = proof.open === 0 ? 'nothing found' : count(proof.open, 'finding');
  if (proof.state === 'RUNNING')
    return `proving: ${proof.done} of ${count(proof.fillings.length, 'filling')}, ${found} so far`;
  if (proof.state === 'STOPPED') return `stopped after ${count(proof.done, 'filling')}, ${found}`;
  return `proved for ${count(proof.done, 'filling')}, ${found}`;
}

/** What is kept of a proof, in a few words. */
export function inShort(proof: ProofNote): string {
  if (proof.proving)
    return proof.done > 0
      ? `proving anew: ${proof.done} of ${count(proof.fillings, 'filling')}`
      : 'to be proved anew';
  if (proof.failed) return 'could not be proved';
  const found = proof.open === 0 ? 'nothing found' : count(proof.open, 'finding');
  if (!proof.finished) return `proof stopped, ${found} so far`;
  return `proved for ${count(proof.fillings, 'filling')}, ${found}`;
}

/** Findings that say the same of rows that are alike: the worst of them, and the others. */
export interface Alike {
  worst: Finding;
  others: Finding[];
}

/** Rows are alike where names differ in their numbers only. */
export function alike(findings: Finding[]): Alike[] {
  const found: Alike[] = [];
  for (const finding of findings) {
    const same = found.find(({ worst }) => sameBut(worst, finding));
    if (!same) found.push({ worst: finding, others: [] });
    else if (finding.trials.length > same.worst.trials.length) {
      same.others.push(same.worst);
      same.worst = finding;
    } else same.others.push(finding);
  }
  return found;
}

function sameBut(a: Finding, b: Finding): boolean {
  const plain = (name: string) => name.replace(/\d+/g, '#');
  return (
    a.check === b.check &&
    a.phase === b.phase &&
    a.part !== b.part &&
    /\d/.test(a.part) &&
    plain(a.part) === plain(b.part) &&
    plain(a.other) === plain(b.other) &&
    !a.accepted === !b.accepted
  );
}

/** Findings of each filling by its index, and of each check. */
export function byTrial(findings: Finding[]): Map<number, Map<string, Finding[]>> {
  const rows = new Map<number, Map<string, Finding[]>>();
  for (const finding of findings) {
    for (const trial of finding.trials) {
      const row = rows.get(trial) ?? new Map<string, Finding[]>();
      row.set(finding.check, [...(row.get(finding.check) ?? []), finding]);
      rows.set(trial, row);
    }
  }
  return rows;
}

/** Fillings that show all findings between them, each chosen because it shows most that no other one does. */
export function telling(findings: Finding[]): number[] {
  let left = findings;
  const chosen: number[] = [];
  while (left.length > 0) {
    const counts = new Map<number, number>();
    for (const { trials, trial } of left) {
      for (const at of trials) counts.set(at, (counts.get(at) ?? 0) + (at === trial ? 1.1 : 1));
    }
    const best = [...counts].sort((a, b) => b[1] - a[1] || a[0] - b[0])[0]![0];
    chosen.push(best);
    left = left.filter(({ trials }) => !trials.includes(best));
  }
  return chosen;
}
