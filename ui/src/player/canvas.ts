/** Whole pixels of a canvas. */
export interface Area {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Nothing, as large as another canvas, or as an area of it. */
export function blank(
  like: CanvasRenderingContext2D,
  { width, height }: { width: number; height: number } = like.canvas,
): CanvasRenderingContext2D {
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  return canvas.getContext('2d')!;
}

/** The whole pixels of a canvas that something reaches over: left, top, right, bottom. */
export function areaOf(
  { width, height }: HTMLCanvasElement,
  [left, top, right, bottom]: [number, number, number, number],
): Area {
  const [x, y] = [Math.max(0, Math.floor(left)), Math.max(0, Math.floor(top))];
  return {
    x,
    y,
    width: Math.max(0, Math.min(width, Math.ceil(right)) - x),
    height: Math.max(0, Math.min(height, Math.ceil(bottom)) - y),
  };
}

/** Lays a whole canvas over another of the same size, or where a matrix says. */
export function lay(
  onto: CanvasRenderingContext2D,
  what: HTMLCanvasElement,
  how: GlobalCompositeOperation,
  { filter = 'none', matrix = new DOMMatrix(), alpha = 1 } = {},
): void {
  onto.save();
  onto.setTransform(matrix);
  onto.globalCompositeOperation = how;
  onto.filter = filter;
  onto.globalAlpha = alpha;
  onto.drawImage(what, 0, 0);
  onto.restore();
}
