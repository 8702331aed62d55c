import type { Layer, Reel, Track } from '../api/types';
import type { Moment } from './moment';
import { bandNow, type BandNow } from './bands';
import type { RibbonState } from './ribbon/course';
import { ribbonNow, type RibbonNow } from './ribbon/now';
import type { Riding } from './ribbon/ridden';
import { isLooped } from './steps';
import { restOf, tracksOf, valueAt, type Channel } from './tracks';

/** One step from rest to where a layer stands: tilted about a point, then moved. */
export interface Step {
  tiltX: number;
  tiltY: number;
  pivotX: number;
  pivotY: number;
  matrix: DOMMatrix;
}

/** How a layer stands in the picture at a moment, with all that its groups do. */
export interface Stand {
  /** From rest to where it is now, without tilts. */
  matrix: DOMMatrix;
  /** Its own step first, then those of its groups. */
  steps: Step[];
  tilted: boolean;
  /** 0–1. */
  opacity: number;
  /** px. */
  blur: number;
  /** Factor of the width of its stroke. */
  stroke: number;
  /** Shares of the length of its stroke from where to where it is drawn. */
  drawn: { from: number; to: number };
  /** Thousandths of an em more between its letters. */
  tracking: number;
  /** Degrees by which the light comes from another side, of a box with depth. */
  light: number;
  tints: { colour: string; share: number }[];
  /** It is seen only inside all of them; none where all is seen. */
  bands: BandNow[];
  /** px by which the edges of its box lie further to the right or down than at rest. */
  edges: { left: number; top: number; right: number; bottom: number };
  /** Of a ribbon, or of what rides on one: how that runs. */
  ribbon?: RibbonNow;
  /** Of what rides: how it is moved on the ribbon as if that were straight. */
  riding?: Riding;
}

const FAR = 100_000;
const STILL = { left: 0, top: 0, right: 0, bottom: 0 };

/** How every layer stands, in their order. */
export function stands(reel: Reel, moment: Moment): Stand[] {
  const found = new Array<Stand | undefined>(reel.layers.length);
  const stand = (index: number): Stand => (found[index] ??= standing(reel.layers[index]!, index));
  const standing = (layer: Layer, index: number): Stand => {
    const own = alone(layer, moment, isLooped(reel, moment, index), reel.width);
    if (layer.rides >= 0) return riding(own, stand(layer.rides));
    if (layer.within < 0) return own;
    const group = stand(layer.within);
    return {
      ...own,
      matrix: group.matrix.multiply(own.matrix),
      steps: [...own.steps, ...group.steps],
      tilted: own.tilted || group.tilted,
      opacity: own.opacity * group.opacity,
      blur: own.blur + group.blur,
      tints: [...own.tints, ...group.tints],
      bands: [
        ...own.bands.map((band) => ({ ...band, matrix: group.matrix.multiply(band.matrix) })),
        ...group.bands,
      ],
    };
  };
  return reel.layers.map((_, index) => stand(index));
}

/** On its ribbon, and moved with that. */
function riding(own: Stand, ribbon: Stand): Stand {
  const ends = own.bands.map(endsOf);
  return {
    ...own,
    matrix: ribbon.matrix,
    steps: ribbon.steps,
    tilted: ribbon.tilted,
    opacity: own.opacity * ribbon.opacity,
    blur: own.blur + ribbon.blur,
    bands: ribbon.bands,
    ribbon: ribbon.ribbon,
    riding: {
      matrix: own.matrix,
      from: Math.max(-FAR, ...ends.map(([from]) => from)),
      to: Math.min(FAR, ...ends.map(([, to]) => to)),
    },
  };
}

/** From where to where a band is open that opens along x, px in the picture. */
function endsOf({ matrix, degrees, from, to }: BandNow): [number, number] {
  const back = degrees % 360 !== 0;
  const ends = (back ? [-to, -from] : [from, to]).map((x) => matrix.transformPoint(new DOMPoint(x, 0)).x);
  return [Math.min(...ends), Math.max(...ends)];
}

/** A track and its value at a moment. */
interface Now {
  track: Track;
  value: number;
}

/** The tracks at work, and those of the loop for what stands while the in waits. */
function tracksNow(layer: Layer, moment: Moment, looped: boolean, channels: Channel[]): Now[] {
  const now = tracksOf(layer, moment, false, ...channels).map((track) => ({
    track,
    value: valueAt(track, moment.frame),
  }));
  if (!looped) return now;
  const loop: Moment = { phase: 'LOOP', frame: moment.looped ?? 0 };
  for (const track of tracksOf(layer, loop, false, ...channels)) {
    const rest = restOf(track.channel);
    now.push({ track, value: rest + (valueAt(track, loop.frame) - rest) * (moment.share ?? 0) });
  }
  return now;
}

/** Shifts, then turns, then scales, each about its pivot. */
function alone(layer: Layer, moment: Moment, looped: boolean, width: number): Stand {
  const of = (...channels: Channel[]) => tracksNow(layer, moment, looped, channels);
  const sum = (channel: Channel) => of(channel).reduce((total, { value }) => total + value, 0);
  const product = (channel: Channel) => of(channel).reduce((total, { value }) => total * value, 1);

  let matrix = new DOMMatrix().translate(sum('X'), sum('Y'));
  for (const { track, value } of of('TURN')) {
    matrix = matrix
      .translate(track.pivotX, track.pivotY)
      .rotate(value)
      .translate(-track.pivotX, -track.pivotY);
  }
  for (const { track, value } of of('SCALE_X', 'SCALE_Y')) {
    const along = track.channel === 'SCALE_X';
    matrix = matrix
      .translate(track.pivotX, track.pivotY)
      .scale(along ? value : 1, along ? 1 : value)
      .translate(-track.pivotX, -track.pivotY);
  }
  // The edge of a band of no width would still tint the pixels it runs through.
  const closed = of('REVEAL').some(({ value }) => value <= 0);
  const tilts = layer.ribbon ? [] : of('TILT_X', 'TILT_Y');
  // Wholly open it cuts nothing off, not even part of a pixel.
  const bands = of('REVEAL')
    .filter(({ value }) => value < 1)
    .map(({ track, value }) => bandNow(track, Math.max(0, value), layer.ribbon ? new DOMMatrix() : matrix));
  const edges = edgesOf(layer, moment);
  return {
    matrix,
    steps: stepsOf(tilts, matrix),
    tilted: stepsOf(tilts, matrix).some(({ tiltX, tiltY }) => tiltX !== 0 || tiltY !== 0),
    opacity: closed ? 0 : layer.opacity * Math.max(0, Math.min(1, product('OPACITY'))),
    blur: Math.max(0, sum('BLUR')),
    stroke: Math.max(0, product('STROKE')),
    drawn: of('DRAW').reduce(partOf, { from: 0, to: 1 }),
    tracking: sum('TRACKING'),
    tints: of('TINT').map(({ track, value }) => ({ colour: track.colour, share: value })),
    bands: layer.ribbon ? [] : bands,
    edges,
    light: layer.solid ? sum('LIGHT') : 0,
    ...(layer.ribbon && {
      ribbon: ribbonNow(layer, stateOf(sum, product), edges, bands.map(endsOf), width),
    }),
  };
}

/** What the channels of a ribbon add to its form. */
function stateOf(sum: (channel: Channel) => number, product: (channel: Channel) => number): RibbonState {
  return {
    bend: product('BEND'),
    curl: sum('CURL'),
    twist: sum('TWIST'),
    taper: product('TAPER'),
    tiltX: sum('TILT_X'),
    tiltY: sum('TILT_Y'),
    light: sum('LIGHT'),
  };
}

/** One step for each point that something is tilted about, in order; the last one moves it too. */
function stepsOf(tilts: Now[], matrix: DOMMatrix): Step[] {
  const steps: Step[] = [];
  for (const { track, value } of tilts) {
    const { pivotX, pivotY } = track;
    let step = steps.find((known) => known.pivotX === pivotX && known.pivotY === pivotY);
    if (!step) steps.push((step = { tiltX: 0, tiltY: 0, pivotX, pivotY, matrix: new DOMMatrix() }));
    if (track.channel === 'TILT_X') step.tiltX += value;
    else step.tiltY += value;
  }
  if (steps.length === 0) return [{ tiltX: 0, tiltY: 0, pivotX: 0, pivotY: 0, matrix }];
  steps.at(-1)!.matrix = matrix;
  return steps;
}

function partOf(drawn: Stand['drawn'], { track, value }: Now): Stand['drawn'] {
  const share = Math.max(0, Math.min(1, value));
  const { bothWays, degrees } = track.opening;
  const from = (1 - share) * (bothWays ? 0.5 : degrees === 180 ? 1 : 0);
  return { from: Math.max(drawn.from, from), to: Math.min(drawn.to, from + share) };
}

function edgesOf(layer: Layer, moment: Moment): Stand['edges'] {
  const resize = layer.resizes.find(({ phase }) => phase === moment.phase);
  if (!resize) return STILL;
  const i = indexOf(resize, moment.frame);
  return {
    left: resize.left[i]!,
    top: resize.top[i]!,
    right: resize.right[i]!,
    bottom: resize.bottom[i]!,
  };
}

/** Which of the values of a resize holds at a frame. */
function indexOf({ left, round, first }: Layer['resizes'][number], frame: number): number {
  return Math.max(0, Math.min(left.length - 1, (round > 0 ? frame % round : frame) - first));
}

/** A layer with its gradient and its picture where they lie at a moment. */
export function standingLayer(layer: Layer, moment: Moment): Layer {
  const resize = layer.resizes.find(
    ({ phase, fill, picture }) => phase === moment.phase && (fill.length > 0 || picture.length > 0),
  );
  if (!resize) return layer;
  const at = 4 * indexOf(resize, moment.frame);
  const [x1, y1, x2, y2] = resize.fill.slice(at, at + 4);
  const [x, y, width, height] = resize.picture.slice(at, at + 4);
  const { fill, ribbon } = layer;
  const lies = resize.fill.length > 0 ? { x1: x1!, y1: y1!, x2: x2!, y2: y2! } : {};
  // The back of a ribbon has its gradient where its front has it.
  const backed =
    ribbon && ribbon.back.from !== ribbon.back.to ? { ...ribbon, back: { ...ribbon.back, ...lies } } : ribbon;
  return {
    ...layer,
    fill: { ...fill, ...lies },
    ...(backed && { ribbon: backed }),
    pictureAt: resize.picture.length > 0 ? { x: x!, y: y!, width: width!, height: height! } : layer.pictureAt,
  };
}

/** What a change replaces is drawn only while it goes away. */
export function isAbsent(layer: Layer, moment: Moment): boolean {
  return layer.absentIn.includes(moment.phase);
}

/** Whether a layer is there at a moment, as part of a group that is a mask: a change may not have brought it yet, or have taken it away. */
function isThere(layer: Layer, moment: Moment): boolean {
  const gates = tracksOf(layer, moment, false, 'OPACITY').filter(({ flows }) => flows);
  return !isAbsent(layer, moment) && gates.every((gate) => valueAt(gate, moment.frame) !== 0);
}

/** The layers whose shapes a mask has: itself, or of a group all within it that are there. */
export function shapesOf(reel: Reel, index: number, moment: Moment): number[] {
  return drawn(reel, index).filter((i) =>
    i === index ? !isAbsent(reel.layers[i]!, moment) : isThere(reel.layers[i]!, moment),
  );
}

/** The layers that draw for one of them: itself, or of a group all that is within it. */
export function drawn(reel: Reel, index: number): number[] {
  if (reel.layers[index]!.kind !== 'group') return [index];
  return reel.layers.flatMap((layer, i) => (layer.within === index ? drawn(reel, i) : []));
}
