import type { Edge, Graphic, Part, Place, Rect, Size } from '../api/types';

/** The ways a size can be given, as the sheet says them. */
export type SizeKind =
  'of its letters' | 'of its ink' | 'of its picture' | 'px' | 'wraps' | 'as' | 'share of';

export const GROUNDS = ['frame', 'action-safe', 'title-safe'] as const;

export type Axis = 'x' | 'y';

/** The size of a part along an axis; a group that says nothing is as large as its parts together. */
export function sizeOf(part: Part, axis: Axis): Size {
  const size = axis === 'x' ? part.width : part.height;
  return size ?? { wraps: part.parts ?? [], take: 'union' };
}

/** Where a part is; a group that says nothing stands around its parts. */
export function placeOf(part: Part, axis: Axis): Place {
  return part[axis] ?? { around: true };
}

export function sizeKind(size: Size, part?: Part): SizeKind {
  if (size.px !== undefined) return 'px';
  if (size.wraps) return 'wraps';
  if (size.matches !== undefined) return 'as';
  if (size.share !== undefined) return 'share of';
  if (part?.kind === 'picture') return 'of its picture';
  return size.ink ? 'of its ink' : 'of its letters';
}

/** The kinds of size a part of some kind can have. */
export function sizeKinds(part: Part): SizeKind[] {
  const all: SizeKind[] = ['px', 'wraps', 'as', 'share of'];
  if (part.kind === 'picture') return ['of its picture', ...all];
  return part.kind === 'text' ? ['of its letters', 'of its ink', ...all] : all;
}

/**
 * A size of another kind to begin with.
 *
 * @param others keys of parts it may follow
 * @param extent px it has now
 */
export function newSize(kind: SizeKind, others: string[], extent: number): Size {
  const first = others[0] ?? '';
  switch (kind) {
    case 'px':
      return { px: Math.round(extent) };
    case 'wraps':
      return { wraps: [first], take: 'longest', pad: [24, 24] };
    case 'as':
      return { matches: first };
    case 'share of':
      return { share: 1, of: 'title-safe' };
    case 'of its ink':
      return { own: true, ink: true };
    default:
      return { own: true };
  }
}

/** The plain edges along an axis, from the first to the last. */
export const EDGES: Record<Axis, Edge[]> = { x: ['left', 'centre', 'right'], y: ['top', 'centre', 'bottom'] };
const INNER: Record<Axis, Edge[]> = { x: ['inner left', 'inner right'], y: ['inner top', 'inner bottom'] };

/** The edges of something along an axis. A part that wraps others has inner ones, a text a baseline. */
export function edges(part: Part | undefined, axis: Axis): Edge[] {
  if (!part) return EDGES[axis];
  const wraps = sizeOf(part, axis).wraps !== undefined;
  return [
    ...EDGES[axis],
    ...(wraps ? INNER[axis] : []),
    ...(part.kind === 'text' && axis === 'y' ? (['baseline'] as Edge[]) : []),
  ];
}

/**
 * The document with another size of a part. Where it wraps nothing any more it has no inner edges: what hangs on those, also in a variant,
 * hangs on its edges instead, as far inside as it was.
 */
export function resized(document: Graphic, key: string, axis: Axis, size: Size): Graphic {
  const what = axis === 'x' ? 'width' : 'height';
  const part = document.parts?.find((one) => one.key === key);
  if (!part) return document;
  const had = sizeOf(part, axis);
  const all = {
    ...document,
    parts: document.parts!.map((one) => (one === part ? { ...one, [what]: size } : one)),
  };
  if (!had.wraps || size.wraps) return all;
  const [before, after] = padsOf(had);
  const outside = <T extends Place | undefined>(place: T): T => {
    const inner = place?.on === key ? INNER[axis].indexOf(place.at!) : -1;
    if (inner < 0) return place;
    const at = inner === 0 ? EDGES[axis][0]! : EDGES[axis][2]!;
    return { ...place, at, plus: (place!.plus ?? 0) + (inner === 0 ? before : -after) };
  };
  return {
    ...all,
    parts: all.parts.map((one) => (one[axis] ? { ...one, [axis]: outside(one[axis]) } : one)),
    ...(all.variants && {
      variants: all.variants.map((variant) =>
        variant.stands
          ? { ...variant, stands: variant.stands.map((one) => ({ ...one, place: outside(one.place) })) }
          : variant,
      ),
    }),
  };
}

/** A place on something else, edge for edge as near as can be; an offset from what it hung on before means nothing there. */
export function hangOn(place: Place, on: string, target: Part | undefined, axis: Axis): Place {
  const known = edges(target, axis);
  const at = place.at && known.includes(place.at) ? place.at : known[0]!;
  const plus = place.on === on ? (place.plus ?? 0) : 0;
  return { hangs: place.hangs ?? known[0]!, on, at, plus, stays: place.stays };
}

/**
 * A place moved by so many px in the picture.
 *
 * @param mirrored whether the picture stands mirrored, so that right is left
 * @param digits after the point that its offset has then
 */
export function moved(place: Place, by: number, axis: Axis, mirrored: boolean, digits = FINE): Place {
  if (place.in !== undefined || place.around || by === 0) return place;
  const plus = (place.plus ?? 0) + (mirrored && axis === 'x' ? -by : by);
  return { ...place, plus: rounded(plus, digits) };
}

/** Digits after the point of px that are worked out. */
const FINE = 3;

/** px with so many digits after the point. */
export function rounded(px: number, digits = FINE): number {
  // Adding nothing turns a negative zero into a plain one.
  return Math.round(px * 10 ** digits) / 10 ** digits + 0;
}

/** The front part whose box at rest holds a point of the picture. */
export function partAt(rest: { part: string; at?: Rect | null }[], x: number, y: number): string | undefined {
  const holds = ({ at }: { at?: Rect | null }) =>
    // A part that is absent stands nowhere.
    !!at && x >= at.x && x <= at.x + at.width && y >= at.y && y <= at.y + at.height;
  return rest.filter(holds).at(-1)?.part;
}

/** px before and after of a size that wraps others: a document may give one number for both. */
export function padsOf({ pad }: Size): [number, number] {
  if (typeof pad === 'number') return [pad, pad];
  return [pad?.[0] ?? 0, pad?.at(-1) ?? 0];
}
