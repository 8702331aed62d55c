import type { Layer, Track } from '../api/types';
import type { Moment } from './moment';

/** How a layer stands at a moment. */
export interface Pose {
  matrix: DOMMatrix;
  /** 0–1. */
  opacity: number;
  /** What is seen of it, in rest coordinates; everything if undefined. */
  reveal?: { x: number; y: number; width: number; height: number };
}

/** The value of a track; before its first frame the first value holds, after its last the last. */
export function valueAt(track: Track, frame: number): number {
  const i = Math.max(0, Math.min(track.values.length - 1, frame - track.first));
  return track.values[i]!;
}

/** Shifts, then turns, then scales, each about its pivot. */
export function pose(layer: Layer, moment: Moment): Pose {
  let matrix = new DOMMatrix();
  let opacity = 1;
  let reveal: Pose['reveal'];
  const tracks = layer.tracks.filter((track) => track.phase === moment.phase);
  const of = (...channels: Track['channel'][]) => tracks.filter((track) => channels.includes(track.channel));

  for (const track of of('X')) matrix = matrix.translate(valueAt(track, moment.frame), 0);
  for (const track of of('Y')) matrix = matrix.translate(0, valueAt(track, moment.frame));
  for (const track of of('TURN')) {
    matrix = matrix
      .translate(track.pivotX, track.pivotY)
      .rotate(valueAt(track, moment.frame))
      .translate(-track.pivotX, -track.pivotY);
  }
  for (const track of of('SCALE_X', 'SCALE_Y')) {
    const value = valueAt(track, moment.frame);
    const along = track.channel === 'SCALE_X';
    matrix = matrix
      .translate(track.pivotX, track.pivotY)
      .scale(along ? value : 1, along ? 1 : value)
      .translate(-track.pivotX, -track.pivotY);
  }
  for (const track of of('OPACITY')) opacity *= valueAt(track, moment.frame);
  for (const track of of('REVEAL'))
    reveal = opened(reveal ?? whole(layer), track, valueAt(track, moment.frame));
  return { matrix, opacity: Math.max(0, Math.min(1, opacity)), reveal };
}

/** The box and the ink of a layer together. */
function whole({ box, ink }: Layer): NonNullable<Pose['reveal']> {
  const x = Math.min(box.x, ink.x);
  const y = Math.min(box.y, ink.y);
  return {
    x,
    y,
    width: Math.max(box.x + box.width, ink.x + ink.width) - x,
    height: Math.max(box.y + box.height, ink.y + ink.height) - y,
  };
}

function opened(from: NonNullable<Pose['reveal']>, track: Track, share: number): NonNullable<Pose['reveal']> {
  const width = from.width * share;
  const height = from.height * share;
  if (track.toward === 'RIGHT') return { ...from, width };
  if (track.toward === 'LEFT') return { ...from, x: from.x + from.width - width, width };
  if (track.toward === 'DOWN') return { ...from, height };
  return { ...from, y: from.y + from.height - height, height };
}
