import type { Layer } from '../api/types';

/** Corners and slant as far as a box has room for them. */
export function cornersWithin(
  layer: Layer,
  { width, height }: Layer['box'],
): Pick<Layer, 'corners' | 'slant'> {
  const { topLeft, topRight, bottomRight, bottomLeft } = layer.corners;
  const room = (has: number, needs: number) => (needs <= has ? 1 : has / needs);
  const factor = Math.min(
    room(width, topLeft + topRight),
    room(width, bottomLeft + bottomRight),
    room(height, topLeft + bottomLeft),
    room(height, topRight + bottomRight),
  );
  return {
    corners: {
      topLeft: topLeft * factor,
      topRight: topRight * factor,
      bottomRight: bottomRight * factor,
      bottomLeft: bottomLeft * factor,
    },
    slant: Math.max(-width, Math.min(width, layer.slant)),
  };
}
