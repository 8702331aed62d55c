import type { Cue } from '../api/types';
import { folded } from './folding';

/** ms after which the next digit begins another number. */
const PAUSE_MS = 1500;

/** What stands within names and is left out by many. */
const BETWEEN = /['’.-]/g;

/** What is typed of a number, digit by digit. */
export interface Typed {
  text: string;
  /** When the last of it was typed, ms. */
  at: number;
}

/** Nothing of a number. */
export const NOTHING: Typed = { text: '', at: 0 };

/**
 * What is typed once a digit or a point has been added. What no cue's number could begin with any more begins anew with it.
 *
 * @param now ms
 */
export function typed(before: Typed, key: string, now: number, cues: Cue[]): Typed {
  const text = key === ',' ? '.' : key;
  const goesOn = now - before.at < PAUSE_MS ? before.text : '';
  const whole = goesOn + text;
  const wanted = cues.some(({ number }) => number.startsWith(whole) || `${number}.` === whole);
  if (goesOn && wanted) return { text: whole, at: now };
  return text === '.' ? NOTHING : { text, at: now };
}

/** The cue that a number recalls; undefined if there is none, or not yet. */
export function recalled(cues: Cue[], text: string): Cue | undefined {
  if (!/\d/.test(text)) return undefined;
  return cues.find(({ number }) => Number(number) === Number(text));
}

/** Whether all of the words stand somewhere in a cue: in its texts, its note, its number or the name of its graphic. */
export function isFound(cue: Cue, name: string, words: string): boolean {
  return isFoundIn([cue.number, name, cue.note, ...Object.values(cue.values)].join('\n'), words);
}

/** Whether all of the words stand somewhere in a text, as people type them. */
export function isFoundIn(text: string, words: string): boolean {
  const all = folded(text);
  const joined = all.replace(BETWEEN, '');
  return folded(words)
    .split(/\s+/)
    .every((word) => all.includes(word) || joined.includes(word.replace(BETWEEN, '')));
}
