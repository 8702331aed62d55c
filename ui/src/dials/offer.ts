import type { Dial } from '../api/types';
import type { Changed, Leaf } from './places';

/** What is asked of a piece that is to be offered. */
export interface Piece {
  /** What people call it. */
  label: string;
  kind: 'number' | 'colour';
  value: Leaf;
  unit?: string;
  /** Changes it, as if somebody had typed. */
  change: (value: Leaf) => void;
  /** Of a colour, what may be chosen. */
  options?: string[];
}

/** Frames are whole. */
export const FRAMES = 'frames';
const STEPS = 20;
const PERCENT = 100;
const DIGITS = 1000;
const LONGEST = 60;
/** Places whose numbers are px, though their pieces do not say so each. */
const IN_PX = /\/(px|plus|pad\/\d|radius(\/\d)?)$/;

function exact(value: number): number {
  return Math.round(value * DIGITS) / DIGITS;
}

/** A value that a piece does not have, to see where it goes. */
export function otherValue(piece: Piece): Leaf {
  if (piece.kind === 'number') return (piece.value as number) + 1;
  return piece.value === '#010203' ? '#030201' : '#010203';
}

/**
 * What a dial for a piece sets, by what a try has changed.
 *
 * @returns undefined if it is not a value of its own that operators could set
 */
export function valueAt(piece: Piece, tried: Changed[], sent: Leaf): Leaf | undefined {
  const [first] = tried;
  if (!first) return undefined;
  const alike = tried.every(({ before, after }) => before === first.before && after === first.after);
  if (!alike || typeof first.after !== typeof piece.value) return undefined;
  if (first.before !== undefined) return first.before;
  if (first.after === sent) return piece.value;
  const percent = typeof sent === 'number' && Math.abs((first.after as number) * PERCENT - sent) < 1e-6;
  return percent ? (piece.value as number) / PERCENT : undefined;
}

/** A name that no other has. */
function free(name: string, taken: string[]): string {
  const plain = name
    .replace(/[^\p{L}\p{Nd} -]/gu, ' ')
    .replace(/ +/g, ' ')
    .trim()
    .slice(0, LONGEST - 3);
  let key = plain || 'dial';
  for (let i = 2; taken.includes(key); i++) key = `${plain} ${i}`;
  return key;
}

/** From half to one and a half times as much, in whole steps where it is whole. */
function limits(value: number, whole: boolean): Pick<Dial, 'least' | 'most' | 'step'> {
  const by = value === 0 ? (whole ? 10 : 1) : Math.abs(value) / 2;
  if (whole) return { least: Math.floor(value - by), most: Math.ceil(value + by), step: 1 };
  return {
    least: exact(value - by),
    most: exact(value + by),
    step: Math.max(0.001, exact((2 * by) / STEPS)),
  };
}

/** Of a share, which is seldom beyond 1. */
function shares(value: number): Pick<Dial, 'least' | 'most' | 'step'> {
  const half = exact(value / 2);
  if (value < 0) return { least: Math.min(-1, value), most: half, step: 1 / STEPS };
  return { least: half, most: Math.max(1, Math.ceil(value)), step: 1 / STEPS };
}

/**
 * A dial for a piece, with limits to begin with.
 *
 * @param value as it stands in the document
 */
export function newDial(piece: Piece, value: Leaf, sets: string[], others: Dial[], of: string): Dial {
  const name = of && !piece.label.startsWith(of) ? `${of} ${piece.label.toLowerCase()}` : piece.label;
  const key = free(
    name,
    others.map((dial) => dial.key),
  );
  const label = key[0]!.toUpperCase() + key.slice(1);
  if (typeof value !== 'number') {
    const options = [...new Set([String(value), ...(piece.options ?? [])])].slice(0, 8);
    return { key, label, kind: 'colour', value, options, sets };
  }
  const length = piece.unit === 'f' && Number.isInteger(value);
  // What is shown in percent stands there as a share.
  const isShare = piece.unit?.startsWith('%') && Math.abs(value * PERCENT - (piece.value as number)) < 1e-6;
  const said = isShare ? '' : piece.unit;
  const unit = length ? FRAMES : said || (sets.every((place) => IN_PX.test(place)) ? 'px' : '');
  const whole = length || Number.isInteger(value);
  return {
    key,
    label,
    kind: length ? 'length' : 'number',
    value,
    ...(isShare ? shares(value) : limits(value, whole)),
    ...(unit ? { unit } : {}),
    sets,
  };
}
