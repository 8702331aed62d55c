import type { Spoken } from '../api/types';

/** Seconds that the last word takes at least. */
const LAST = 0.4;

/** Minutes, seconds and thousandths, as WebVTT has them. */
export function stamp(seconds: number): string {
  const thousandths = Math.max(0, Math.round(seconds * 1000));
  const two = (number: number) => String(number).padStart(2, '0');
  const hours = Math.floor(thousandths / 3_600_000);
  const minutes = Math.floor(thousandths / 60_000) % 60;
  const rest = `${two(Math.floor(thousandths / 1000) % 60)}.${String(thousandths % 1000).padStart(3, '0')}`;
  return `${hours > 0 ? `${two(hours)}:` : ''}${two(minutes)}:${rest}`;
}

function escaped(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
}

/**
 * Captions in which each word has its time.
 *
 * @param words in the order they are spoken, with the frame of each
 * @param begins frame at which the speech begins
 * @param rate frames a second
 */
export function captions(words: Spoken[], begins: number, rate: number): string {
  const at = words.map(({ frame }) => (frame - begins) / rate);
  const timed = words.map(({ text }, i) => (i === 0 ? escaped(text) : `<${stamp(at[i]!)}>${escaped(text)}`));
  return `WEBVTT\n\n${stamp(at[0]!)} --> ${stamp(at.at(-1)! + LAST)}\n${timed.join(' ')}\n`;
}

/** The same words with one at another frame, but never before the one before it nor after the one after it. */
export function moved(words: Spoken[], index: number, frame: number, begins: number): Spoken[] {
  const least = index === 0 ? begins : words[index - 1]!.frame + 1;
  const most = index + 1 < words.length ? words[index + 1]!.frame - 1 : Infinity;
  const within = Math.max(least, Math.min(most, frame));
  return words.map((word, i) => (i === index ? { ...word, frame: within } : word));
}
