import type { Layer, Track } from '../api/types';
import type { Moment } from './moment';

export type Channel = Track['channel'];

/** The tracks of some channels that are at work in a phase: those of the whole layer, or those dealt out over its letters. */
export function tracksOf(layer: Layer, moment: Moment, dealt: boolean, ...channels: Channel[]): Track[] {
  return layer.tracks.filter(
    (track) =>
      track.phase === moment.phase &&
      channels.includes(track.channel) &&
      track.dealt.starts.length > 0 === dealt,
  );
}

function inRound(track: Track, frame: number): number {
  return track.round > 0 ? frame % track.round : frame;
}

function at(track: Track, index: number): number {
  return Math.max(0, Math.min(track.values.length - 1, index));
}

/** The value of a track; before its first frame the first value holds, after its last the last. */
export function valueAt(track: Track, frame: number): number {
  return track.values[at(track, inRound(track, frame) - track.first)]!;
}

/** The value a channel has at rest: 0 where it adds, 1 where it multiplies. */
export function restOf(channel: Channel): number {
  return ['SCALE_X', 'SCALE_Y', 'OPACITY', 'STROKE', 'DRAW', 'REVEAL', 'BEND', 'TAPER'].includes(channel)
    ? 1
    : 0;
}

/** The value of one letter of a dealt track. */
export function unitValueAt(track: Track, frame: number, unit: number): number {
  const { starts, factors } = track.dealt;
  const passed = at(track, inRound(track, frame) - starts[unit]!);
  const rest = restOf(track.channel);
  const each = factors.length === starts.length;
  const factor =
    factors.length === 0 ? 1 : each ? factors[unit]! : factors[unit * track.values.length + passed]!;
  return rest + (track.values[passed]! - rest) * factor;
}
