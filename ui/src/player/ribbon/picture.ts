import type { Layer } from '../../api/types';
import type { Stand } from '../stand';
import { pointOf } from './now';

/** px of the straight picture in one strip, and by how much each reaches over the next. */
const STRIP = 6;
const OVER = 0.75;

/** A picture that rides on a ribbon, strip by strip, cut to its shape. It throws no shadow. */
export function drawBentPicture(
  context: CanvasRenderingContext2D,
  layer: Layer,
  path: Path2D,
  image: HTMLImageElement | HTMLCanvasElement,
  { ribbon, riding }: Stand,
): void {
  const { x, y, width, height } = layer.pictureAt;
  const place = (px: number, py: number) => {
    const at = riding!.matrix.transformPoint(new DOMPoint(px, py));
    return pointOf(ribbon!, at.x, at.y);
  };
  const pixels =
    image instanceof HTMLImageElement
      ? { width: image.naturalWidth, height: image.naturalHeight }
      : { width: image.width, height: image.height };
  const scale = pixels.width / width;
  const strips = Math.max(1, Math.ceil(width / STRIP));
  context.save();
  context.shadowColor = 'transparent';
  context.clip(path);
  for (let i = 0; i < strips; i++) {
    const [left, right] = [(width * i) / strips, (width * (i + 1)) / strips];
    const size = right - left;
    const [top, beside, foot] = [place(x + left, y), place(x + right, y), place(x + left, y + height)];
    const over = Math.min(width, right + OVER) - left;
    context.save();
    context.transform(
      (beside[0] - top[0]) / size,
      (beside[1] - top[1]) / size,
      (foot[0] - top[0]) / height,
      (foot[1] - top[1]) / height,
      top[0],
      top[1],
    );
    context.drawImage(image, left * scale, 0, over * scale, pixels.height, 0, 0, over, height);
    context.restore();
  }
  context.restore();
}
