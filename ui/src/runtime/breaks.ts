import type { BreakRules } from './design';
import { indexOf } from './ranges';

/** Columns of a row of states. */
const ACCEPTS = 0;
const REMEMBERS = 1;
const NEXT = 3;
/** What a row says that accepts whatever comes. */
const ALWAYS = 1;
/** Categories that no code point has. */
const END = 1;
const BEGINNING = 2;
/** States. */
const STOP = 0;
const START = 1;

/**
 * Where a text may be broken, as a count of chars from its beginning; the last is its length.
 *
 * Source: ICU User Guide, boundary analysis: the machine runs from each break to the next, and takes the longest way it accepts.
 */
export function breaksOf(text: string, rules: BreakRules): number[] {
  const breaks: number[] = [];
  for (let from = 0; from < text.length;) {
    const { end, words } = next(text, from, rules);
    if (words) breaks.push(...wordsWithin(text, from, end, rules));
    breaks.push(end);
    from = end;
  }
  return breaks;
}

function categoryOf(rules: BreakRules, point: number): number {
  return rules.categories[indexOf(rules.starts, point)]!;
}

function next(text: string, from: number, rules: BreakRules): { end: number; words: boolean } {
  const { columns, states } = rules;
  const remembered = new Map<number, number>();
  let state = START;
  let result = from;
  let words = false;
  let at = from;
  let began = !rules.begins;
  for (let ended = false; ;) {
    let category = BEGINNING;
    let length = 0;
    if (began) {
      if (at >= text.length) {
        if (ended) break;
        ended = true;
        category = END;
      } else {
        const point = text.codePointAt(at)!;
        length = point > 0xffff ? 2 : 1;
        category = categoryOf(rules, point);
        words ||= category >= rules.dictionary;
      }
    }
    state = states[state * columns + NEXT + category]!;
    at += length;
    const row = state * columns;
    const accepts = states[row + ACCEPTS]!;
    if (accepts === ALWAYS) {
      if (began) result = at;
    } else if (accepts > ALWAYS) {
      const ahead = remembered.get(accepts);
      if (ahead !== undefined) return { end: ahead, words };
    }
    const remembers = states[row + REMEMBERS]!;
    if (remembers !== 0) remembered.set(remembers, at);
    began = true;
    if (state === STOP) break;
  }
  if (result === from) result += text.codePointAt(from)! > 0xffff ? 2 : 1;
  return { end: result, words };
}

const segmenter = new Intl.Segmenter('th', { granularity: 'word' });

/** Between words of scripts that are written without spaces; where they are the home's own dictionary says. */
function wordsWithin(text: string, from: number, end: number, rules: BreakRules): number[] {
  const found: number[] = [];
  for (let at = from; at < end;) {
    let to = at;
    while (to < end && categoryOf(rules, text.codePointAt(to)!) >= rules.dictionary) to++;
    if (to > at) {
      for (const { index } of segmenter.segment(text.slice(at, to))) if (index > 0) found.push(at + index);
    }
    at = Math.max(to, at + 1);
  }
  return found;
}
