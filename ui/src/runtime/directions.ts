import bidiFactory from 'bidi-js';

const bidi = bidiFactory();
/** Types of characters that take the level of the line where they end it. Source: UAX 9, L1. */
const TRAILING = new Set(['WS', 'LRI', 'RLI', 'FSI', 'PDI', 'BN', 'LRE', 'RLE', 'LRO', 'RLO', 'PDF']);
/** They and what stands before them take the level of the line. */
const SEPARATORS = new Set(['S', 'B']);

/** First, end, and 1 if it goes from right to left, of each run of one direction, as they stand from left to right. Source: UAX 9. */
export function directionsOf(text: string): Int32Array {
  // What has no direction at all goes with what follows it, as if it were not there. Source: UAX 9, X9 and 5.2.
  const kept = Array.from({ length: text.length }, (_, i) => text[i]!).flatMap((letter, i) =>
    isWithout(letter) ? [] : [i],
  );
  const { levels, level: line } = levelsOf(kept.map((i) => text[i]).join(''));
  const runs: { from: number; to: number; level: number }[] = [];
  let next = 0;
  for (let i = 0; i < text.length; i++) {
    while (next < kept.length && kept[next]! < i) next++;
    const level = next < kept.length ? levels[next]! : line;
    const last = runs.at(-1);
    if (last && last.level === level) last.to = i + 1;
    else runs.push({ from: i, to: i + 1, level });
  }
  return Int32Array.from(reordered(runs).flatMap(({ from, to, level }) => [from, to, level % 2]));
}

function isWithout(letter: string): boolean {
  return bidi.getBidiCharTypeName(letter) === 'BN';
}

/** @returns of each char, and of the line */
function levelsOf(text: string): { levels: Uint8Array; level: number } {
  const { levels, paragraphs } = bidi.getEmbeddingLevels(text, 'auto');
  for (const { start, end, level } of paragraphs) {
    let trailing = true;
    for (let i = end; i >= start; i--) {
      const type = bidi.getBidiCharTypeName(text[i]!);
      if (SEPARATORS.has(type)) trailing = true;
      else if (!TRAILING.has(type)) trailing = false;
      if (trailing) levels[i] = level;
    }
  }
  return { levels, level: paragraphs[0]?.level ?? 0 };
}

/** From the highest level to the lowest odd one, whatever is at it or above is turned round. Source: UAX 9, L2. */
function reordered<T extends { level: number }>(runs: T[]): T[] {
  const standing = [...runs];
  const highest = Math.max(0, ...runs.map(({ level }) => level));
  for (let level = highest; level > 0; level--) {
    for (let i = 0; i < standing.length; i++) {
      let end = i;
      while (end < standing.length && standing[end]!.level >= level) end++;
      if (end > i + 1) standing.splice(i, end - i, ...standing.slice(i, end).reverse());
      i = Math.max(i, end - 1);
    }
  }
  return standing;
}
