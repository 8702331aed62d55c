const LETTER = String.raw`[\p{L}\p{M}\p{Nd}]`;

/** A text with a word in the place of another, wherever that stands as a whole word; either apostrophe counts. */
export function corrected(text: string, word: string, by: string): string {
  const any = word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replaceAll("'", "['’]");
  return text.replace(new RegExp(`(?<!${LETTER})${any}(?!${LETTER})`, 'gu'), () => by);
}
