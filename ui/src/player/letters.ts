import type { Layer } from '../api/types';
import type { Moment } from './moment';
import { restOf, tracksOf, unitValueAt } from './tracks';

/** How one letter stands, beside what its whole text does. */
export interface Letter {
  matrix: DOMMatrix;
  opacity: number;
  blur: number;
  stroke: number;
  tints: { colour: string; share: number }[];
  /** Shares of its own extent that are seen, with the way they open. */
  reveals: { degrees: number; bothWays: boolean; share: number }[];
}

/** Whether its letters have to be drawn one by one: not while each of them rests. */
export function isDealt(layer: Layer, moment: Moment, tracking: number): boolean {
  if (layer.units.length === 0) return false;
  if (tracking !== 0) return true;
  return layer.tracks
    .filter(({ phase, dealt }) => phase === moment.phase && dealt.starts.length > 0)
    .some((track) =>
      layer.units.some((_, unit) => unitValueAt(track, moment.frame, unit) !== restOf(track.channel)),
    );
}

/** Shifts, then turns, then scales, as a whole part does. */
export function letter(layer: Layer, moment: Moment, unit: number, tracked: number): Letter {
  const tracks = tracksOf(
    layer,
    moment,
    true,
    'X',
    'Y',
    'TURN',
    'SCALE_X',
    'SCALE_Y',
    'OPACITY',
    'BLUR',
    'STROKE',
    'TINT',
    'REVEAL',
  );
  const found: Letter = {
    matrix: new DOMMatrix().translate(tracked, 0),
    opacity: 1,
    blur: 0,
    stroke: 1,
    tints: [],
    reveals: [],
  };
  const order = ['X', 'Y', 'TURN', 'SCALE_X', 'SCALE_Y'];
  for (const track of [...tracks].sort((a, b) => order.indexOf(a.channel) - order.indexOf(b.channel))) {
    const value = unitValueAt(track, moment.frame, unit);
    const [x, y] = [track.dealt.pivotX[unit]!, track.dealt.pivotY[unit]!];
    const about = (change: (matrix: DOMMatrix) => DOMMatrix) =>
      (found.matrix = change(found.matrix.translate(x, y)).translate(-x, -y));
    if (track.channel === 'X') found.matrix = found.matrix.translate(value, 0);
    else if (track.channel === 'Y') found.matrix = found.matrix.translate(0, value);
    else if (track.channel === 'TURN') about((matrix) => matrix.rotate(value));
    else if (track.channel === 'SCALE_X') about((matrix) => matrix.scale(value, 1));
    else if (track.channel === 'SCALE_Y') about((matrix) => matrix.scale(1, value));
    else if (track.channel === 'OPACITY') found.opacity *= Math.max(0, Math.min(1, value));
    else if (track.channel === 'BLUR') found.blur += Math.max(0, value);
    else if (track.channel === 'STROKE') found.stroke *= Math.max(0, value);
    else if (track.channel === 'TINT') found.tints.push({ colour: track.colour, share: value });
    else if (track.channel === 'REVEAL') {
      const { degrees, bothWays } = track.opening;
      // Wholly open it cuts nothing off.
      if (value < 1) found.reveals.push({ degrees, bothWays, share: Math.max(0, value) });
    }
  }
  return found;
}

const ranks = new WeakMap<Layer, { rank: number; last: number }[]>();

/** px by which tracking moves a letter: it grows from the end of the line that is held. */
export function trackedBy(layer: Layer, unit: number, thousandths: number): number {
  if (thousandths === 0) return 0;
  const { rank, last } = rankOf(layer)[unit]!;
  return ((rank - layer.held * last) * thousandths * layer.em) / 1000;
}

/** For each letter how many stand to its left in its line, and how many do to that of the last. */
function rankOf(layer: Layer): { rank: number; last: number }[] {
  const known = ranks.get(layer);
  if (known) return known;
  const found = layer.units.map((unit) => {
    const line = layer.units.filter((other) => other.y === unit.y);
    return { rank: line.filter((other) => other.x < unit.x).length, last: line.length - 1 };
  });
  ranks.set(layer, found);
  return found;
}
