import type { Graphic } from '../api/types';

/** A path of a document, as messages name it: `$.parts[0].width.pad[1]`. */
const PATH = /\$((?:\.[A-Za-z][A-Za-z ]*[A-Za-z]|\.[A-Za-z]|\[\d+\])+)/g;
const LISTS: Record<string, (document: Graphic, phase: string, index: number) => string | undefined> = {
  parts: (document, _, i) => document.parts?.[i]?.key,
  fields: (document, _, i) => document.fields?.[i] && `field ${document.fields[i].label}`,
  trials: (document, _, i) => document.trials?.[i] && `trial ${document.trials[i].name}`,
  cases: (document, _, i) => document.cases?.[i] && `case ${document.cases[i].name}`,
  variants: (document, _, i) => document.variants?.[i] && `variant ${document.variants[i].name}`,
  moves: (document, phase, i) =>
    phase === 'in' || phase === 'loop' || phase === 'out' ? document[phase]?.moves?.[i]?.key : undefined,
};

/**
 * A message that names part and property in words, with the path after them.
 *
 * @param document the one that was refused
 */
export function inWords(message: string, document: Graphic | undefined): string {
  if (!document) return message;
  return message.replace(PATH, (path: string, members: string) => {
    const words = wordsOf(members, document);
    return words ? `${words} (${path})` : path;
  });
}

function wordsOf(members: string, document: Graphic): string {
  const words: string[] = [];
  let list = '';
  let phase = '';
  for (const [, name, index] of members.matchAll(/\.([^.[]+)|\[(\d+)\]/g)) {
    if (name !== undefined) {
      if (['in', 'loop', 'out'].includes(name)) phase = name;
      if (!(name in LISTS)) words.push(name);
      list = name;
      continue;
    }
    const named = LISTS[list]?.(document, phase, Number(index));
    words.push(named ?? `${list in LISTS ? list : ''} ${Number(index) + 1}`.trim());
    list = '';
  }
  return words.join(' · ');
}
