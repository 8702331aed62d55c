import type { Step } from './stand';

/** Distance of the eye from the picture, as a factor of the width of the picture. */
export const EYE = 2;

function blank(like: HTMLCanvasElement): CanvasRenderingContext2D {
  const canvas = document.createElement('canvas');
  canvas.width = like.width;
  canvas.height = like.height;
  return canvas.getContext('2d')!;
}

/**
 * A picture tilted about a point, seen in perspective. Row by row, or column by column: where the row at distance d from the axis
 * ends up is d′ = d · cos · s with s = D / (D − d · sin), D the distance of the eye; turned round, d = d′ · D / (D · cos + d′ · sin).
 *
 * @param base from px of the raster to pixels of the canvas
 * @param eye px of the raster
 */
export function tilted(
  canvas: HTMLCanvasElement,
  step: Step,
  base: DOMMatrix,
  eye: number,
): HTMLCanvasElement {
  const pivot = base.transformPoint(new DOMPoint(step.pivotX, step.pivotY));
  let source = canvas;
  if (step.tiltX !== 0) source = rows(source, step.tiltX, pivot, eye * base.a, false);
  // Its right goes away from the eye, which is forwards along x where a level axis has its top go away.
  if (step.tiltY !== 0) source = rows(source, -step.tiltY, pivot, eye * base.a, true);
  return source;
}

function rows(
  source: HTMLCanvasElement,
  degrees: number,
  pivot: DOMPoint,
  eye: number,
  columns: boolean,
): HTMLCanvasElement {
  const target = blank(source);
  const radians = (degrees * Math.PI) / 180;
  const [sin, cos] = [Math.sin(radians), Math.cos(radians)];
  const extent = columns ? source.width : source.height;
  const across = columns ? source.height : source.width;
  const [along, beside] = columns ? [pivot.x, pivot.y] : [pivot.y, pivot.x];
  const at = (place: number) => {
    const to = place - along;
    return (to * eye) / (eye * cos + to * sin);
  };
  for (let line = 0; line < extent; line++) {
    const [from, next] = [at(line), at(line + 1)];
    const size = next - from;
    const scale = eye / (eye - ((from + next) / 2) * sin);
    const begin = along + from;
    if (!(scale > 0) || size <= 0 || begin + size < 0 || begin > extent) continue;
    const start = beside - beside * scale;
    if (columns) target.drawImage(source, begin, 0, size, across, line, start, 1, across * scale);
    else target.drawImage(source, 0, begin, across, size, start, line, across * scale, 1);
  }
  return target.canvas;
}
