import type { Graphic } from './types';

/** A path of a document, as messages name it: `$.parts[0].width.pad[1]`. */
const PATH = /\$((?:\.[A-Za-z][A-Za-z ]*[A-Za-z]|\.[A-Za-z]|\[\d+\])+)/g;
const LISTS: Record<string, (document: Graphic, phase: string, index: number) => string | undefined> = {
  parts: (document, _, i) => document.parts?.[i]?.key,
  fields: (document, _, i) => document.fields?.[i] && `field ${document.fields[i].label}`,
  trials: (document, _, i) => document.trials?.[i] && `trial ${document.trials[i].name}`,
  cases: (document, _, i) => document.cases?.[i] && `case ${document.cases[i].name}`,
  variants: (document, _, i) => document.variants?.[i] && `variant ${document.variants[i].name}`,
  colours: (document, _, i) => document.colours?.[i] && `colour ${document.colours[i].key}`,
  dials: (document, _, i) => document.dials?.[i] && `dial ${document.dials[i].label}`,
  moves: (document, phase, i) =>
    phase === 'in' || phase === 'loop' || phase === 'out' ? document[phase]?.moves?.[i]?.key : undefined,
};

/** What the sheet calls members that are called otherwise in a document. */
const WORDS: Record<string, string> = {
  at: 'time',
  factor: 'share when away',
  leading: 'space between lines',
  'per second': 'letters a second',
  px: 'size',
  soft: 'softness',
  thousandths: 'tracking',
};

/** Members that the sheet gives in percent where they stand for shares: beyond a few times all of it they are something else. */
const SHARES = [
  'at',
  'contrast',
  'each',
  'end',
  'factor',
  'least',
  'lighter',
  'lightness',
  'opacity',
  'over',
  'saturation',
  'scatter',
  'share',
  'sheen',
  'soft',
  'start',
  'strength',
  'vivid',
  'warmth',
];
const MOST_SHARE = 10;
const RANGE = /must be from (-?\d+(?:\.\d+)?) to (-?\d+(?:\.\d+)?)/;

/**
 * A message in the words of the sheet: it names part and property, and its numbers are those that the sheet shows.
 *
 * @param document the one that was refused
 */
export function inWords(message: string, document: Graphic | undefined): string {
  let last = '';
  const said = message.replace(PATH, (_, members: string) => {
    const path = namesOf(members);
    last = String(path.at(-1));
    return wordsOf(path, document) || 'this';
  });
  return SHARES.includes(last) ? said.replace(RANGE, inPercent) : said;
}

function inPercent(range: string, least: string, most: string): string {
  if (Number(most) > MOST_SHARE) return range;
  const hundredfold = (number: string) => Math.round(Number(number) * 1e5) / 1e3;
  return `must be from ${hundredfold(least)} to ${hundredfold(most)} %`;
}

/** Names of members and places in lists, in their order. */
function namesOf(members: string): (string | number)[] {
  return [...members.matchAll(/\.([^.[]+)|\[(\d+)\]/g)].map(([, name, index]) => name ?? Number(index));
}

function wordsOf(path: (string | number)[], document: Graphic | undefined): string {
  const words: string[] = [];
  let list = '';
  let phase = '';
  for (const name of path) {
    if (typeof name === 'string') {
      if (['in', 'loop', 'out'].includes(name)) phase = name;
      if (!(name in LISTS)) words.push(WORDS[name] ?? name);
      list = name;
      continue;
    }
    const named = document && LISTS[list]?.(document, phase, name);
    words.push(named ?? `${list in LISTS ? list : ''} ${name + 1}`.trim());
    list = '';
  }
  return words.join(' · ');
}
