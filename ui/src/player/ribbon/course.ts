import type { Layer } from '../../api/types';

export type Form = NonNullable<Layer['ribbon']>['form'];
type Bend = Form['bends'][number];

/** What the channels of a ribbon add to its form at a moment: factors of `bend` and `taper`, degrees of all others. */
export interface RibbonState {
  bend: number;
  curl: number;
  twist: number;
  taper: number;
  tiltX: number;
  tiltY: number;
  light: number;
}

export const REST: RibbonState = { bend: 1, curl: 0, twist: 0, taper: 1, tiltX: 0, tiltY: 0, light: 0 };

/** The headings of a ribbon at shares of its length, radians, and shares of its breadth. */
export interface Course {
  plane(u: number): number;
  depth(u: number): number;
  twist(u: number): number;
  width(u: number): number;
  /** Radians for its whole length by which it turns and twists at most at a place. */
  rate(u: number): number;
  /** Shares of its length at which something about it changes of a sudden, from 0 to 1. */
  joints: number[];
  /** Whether it narrows there. */
  narrows(u: number): boolean;
  /** How fast the edge bends where it narrows. */
  rounded: number;
}

/** Share of the length; what sums of numbers may be off by. */
const NEAR = 1e-9;

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** As the core reckons it: the tangent is (cos α cos β, sin α cos β, sin β), z towards the eye. */
export function courseOf(form: Form, state: RibbonState, length: number, breadth: number): Course {
  const heldPlane = heading(form.bends, form.holds, true);
  const heldDepth = heading(form.waves, form.holds, true);
  const furthest = Math.max(form.holds, 1 - form.holds);
  const steepestNow = steepest(form.bends) / Math.max(length, 1e-6);
  const eased = Math.min(1, (1 - form.least) / Math.max((steepestNow * breadth) / 2, 1e-9));
  const bend = Math.abs(state.bend);
  const twisted = Math.abs(form.twist + state.twist);
  const { start, end, over } = form.taper;
  const narrows = Math.max(Math.abs(1 - start * state.taper), Math.abs(1 - end * state.taper));
  return {
    plane: (u) => radians(state.bend * eased * (heading(form.bends, u, false) - heldPlane)),
    depth: (u) => {
      const away = u - form.holds;
      // Rolled ever closer towards a loose end, so that the rounds lie within each other.
      const rolled = (away * Math.abs(away)) / furthest;
      return radians(state.bend * (heading(form.waves, u, false) - heldDepth) + state.curl * rolled);
    },
    twist: (u) => radians((form.twist + state.twist) * (u - form.holds)),
    width: (u) => tapered(u, start, over, state.taper) * tapered(1 - u, end, over, state.taper),
    rate: (u) =>
      bend * (eased * rateAt(form.bends, u) + rateAt(form.waves, u)) +
      radians(2 * Math.abs(state.curl) + twisted),
    joints: jointsOf(form, over > 0 && narrows > 0),
    narrows: (u) => u < over || u > 1 - over,
    rounded: over <= 0 || narrows === 0 ? 0 : (6 * narrows) / (over * over),
  };
}

function tapered(from: number, left: number, over: number, factor: number): number {
  if (over <= 0 || from >= over) return 1;
  const q = Math.max(0, from / over);
  const end = Math.max(0, left * factor);
  return end + (1 - end) * q * q * (3 - 2 * q);
}

/** Degrees at a share of the length; of its turns only, or with its swings. */
function heading(pieces: Bend[], u: number, turnsOnly: boolean): number {
  const shares = sharesOf(pieces);
  let from = 0;
  let found = 0;
  for (const { degrees, waves, share } of pieces) {
    const own = share / shares;
    const v = own <= 0 ? (u >= from ? 1 : 0) : Math.max(0, Math.min(1, (u - from) / own));
    if (waves === 0) found += degrees * v;
    else if (!turnsOnly) found += degrees * Math.sin(2 * Math.PI * waves * v);
    from += own;
  }
  return found;
}

function jointsOf({ bends, waves, holds, taper }: Form, narrows: boolean): number[] {
  const joints = new Set([0, 1, holds]);
  for (const pieces of [bends, waves]) {
    let from = 0;
    for (const { share } of pieces) {
      from += share / sharesOf(pieces);
      if (from < 1 - NEAR) joints.add(from);
    }
  }
  if (narrows) [taper.over, 1 - taper.over].forEach((joint) => joints.add(joint));
  return [...joints].sort((a, b) => a - b);
}

/** Radians for the whole length by which the piece turns at most that lies at a place. */
function rateAt(pieces: Bend[], u: number): number {
  let from = 0;
  for (const piece of pieces) {
    from += piece.share / sharesOf(pieces);
    if (u <= from) return rateOf(piece, sharesOf(pieces));
  }
  return 0;
}

function rateOf({ degrees, waves, share }: Bend, shares: number): number {
  const turned = radians(Math.abs(degrees)) * (waves === 0 ? 1 : 2 * Math.PI * waves);
  return (turned * shares) / Math.max(share, 1e-6);
}

/** The same where it turns fastest. */
function steepest(pieces: Bend[]): number {
  return pieces.reduce((most, piece) => Math.max(most, rateOf(piece, sharesOf(pieces))), 0);
}

function sharesOf(pieces: Bend[]): number {
  return pieces.reduce((sum, { share }) => sum + share, 0) || 1;
}
