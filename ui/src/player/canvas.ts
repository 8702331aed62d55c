/** Nothing, as large as another canvas. */
export function blank(like: CanvasRenderingContext2D): CanvasRenderingContext2D {
  const canvas = document.createElement('canvas');
  canvas.width = like.canvas.width;
  canvas.height = like.canvas.height;
  return canvas.getContext('2d')!;
}

/** Lays a whole canvas over another of the same size. */
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
