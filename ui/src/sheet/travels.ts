import type { Move, Part, Travel } from '../api/types';

export type Channel = NonNullable<Move['channel']>;

/** Those that only a ribbon has. */
const RIBBONS: Channel[] = ['bend', 'curl', 'twist', 'taper', 'light'];

export const CHANNELS: Channel[] = [
  'x',
  'y',
  'scale x',
  'scale y',
  'turn',
  'tilt x',
  'tilt y',
  'opacity',
  'blur',
  'stroke',
  'draw',
  'reveal',
  'tint',
  'tracking',
  ...RIBBONS,
];

/** The channels that a part has; light falls on a box with depth too. */
export function channelsOf(part: Pick<Part, 'kind' | 'depth'> | undefined): Channel[] {
  if (part?.kind === 'ribbon') return CHANNELS;
  return CHANNELS.filter((channel) => !RIBBONS.includes(channel) || (channel === 'light' && part?.depth));
}

/** The ways in which the travel of a distance can be given, as the sheet says them. */
export const DISTANCES = [
  'px',
  'own width',
  'own height',
  'size of',
  'share of',
  'to line',
  'clear of frame',
  'clear of mask',
] as const;

export type DistanceKind = (typeof DISTANCES)[number];

export function isDistance(channel: Channel): boolean {
  return channel === 'x' || channel === 'y';
}

export function distanceKind(travel: Travel): DistanceKind {
  if (travel['own width'] !== undefined) return 'own width';
  if (travel['own height'] !== undefined) return 'own height';
  if (travel['size of'] !== undefined) return 'size of';
  if (travel.share !== undefined) return 'share of';
  if (travel.to !== undefined) return 'to line';
  if (travel['clear of'] === 'mask') return 'clear of mask';
  return travel['clear of'] ? 'clear of frame' : 'px';
}

/**
 * A distance given in another way, to begin with.
 *
 * @param away px it is now
 * @param others keys of parts it may follow
 */
export function newDistance(kind: DistanceKind, channel: Channel, away: number, others: string[]): Travel {
  const across = channel === 'x';
  switch (kind) {
    case 'own width':
      return { 'own width': 1 };
    case 'own height':
      return { 'own height': 1 };
    case 'size of':
      return { 'size of': others[0] ?? '', times: 1 };
    case 'share of':
      return { share: 0.5, of: 'frame' };
    case 'to line':
      return { to: 'title-safe', at: across ? 'left' : 'top' };
    case 'clear of frame':
      return { 'clear of': 'frame', toward: across ? 'left' : 'down' };
    case 'clear of mask':
      return { 'clear of': 'mask', toward: across ? 'left' : 'down' };
    default:
      return { px: Math.round(away) || 100 };
  }
}

/** A travel for a channel that was just chosen. */
export function newTravel(channel: Channel): Travel {
  if (isDistance(channel)) return { px: 100 };
  if (channel === 'turn' || channel.startsWith('tilt')) return { degrees: -90 };
  if (channel === 'curl' || channel === 'twist' || channel === 'light') return { degrees: 180 };
  if (channel === 'blur') return { px: 20 };
  if (channel === 'tint') return { colour: '#FFFFFF', share: 1 };
  if (channel === 'tracking') return { thousandths: 300 };
  return { factor: 0 };
}

/** A new move of a part, at a frame. */
export function newMove(part: string, taken: string[], frame: number): Move {
  let key = `${part} moves`;
  for (let i = 2; taken.includes(key); i++) key = `${part} moves ${i}`;
  return {
    key,
    part,
    channel: 'opacity',
    travel: { factor: 0 },
    start: { at: frame },
    length: 20,
    ease: 'linear',
  };
}
