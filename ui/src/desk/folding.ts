/** Letters of any script as plain ones, like "Dang" for "Đặng"; its tables are large, so that screens do not wait for them. */
let plain = (text: string) => text;
/** Texts of which the words are kept, at most. */
const KEPT = 50_000;
let known = new Map<string, string[]>();

/** Resolves once letters of every script are known. */
export const ready: Promise<void> = import('any-ascii').then(({ default: ascii }) => {
  plain = ascii;
  known = new Map();
});

/** As people type who are in a hurry: without marks and case. */
export function folded(text: string): string {
  const bare = text.normalize('NFD').replace(/\p{M}/gu, '');
  return plain(bare).toLocaleLowerCase('en');
}

/** The words of a text, folded: whatever is no letter and no digit stands between them. */
export function wordsOf(text: string): string[] {
  const before = known.get(text);
  if (before) return before;
  const words = folded(text)
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word);
  if (known.size >= KEPT) known.clear();
  known.set(text, words);
  return words;
}

/**
 * The place of the first word at which what is typed begins, whatever stands between the words of either: `oneill` and `O'N` are both in
 * "Finn O'Neill"; -1 if there is none.
 */
export function placeOf(typed: string, text: string): number {
  const sought = wordsOf(typed).join('');
  if (!sought) return -1;
  const words = wordsOf(text);
  return words.findIndex((_, place) => words.slice(place).join('').startsWith(sought));
}
