import type { Reel } from '../api/types';
import { drawReel } from '../player/draw';
import { drawnAt } from './shown';
import type { AirState } from './types';

/**
 * Draws what is on air at a frame over whatever is on the canvas, as large as the canvas is.
 *
 * @returns whether anything was drawn
 */
export function paintAir(
  context: CanvasRenderingContext2D,
  state: AirState,
  frame: number,
  reelOf: (id: string) => Reel | undefined,
): boolean {
  let any = false;
  for (const { plays } of state.berths) {
    const shown = drawnAt(plays, frame, reelOf);
    if (!shown) continue;
    const { width, height } = context.canvas;
    const base = new DOMMatrix().scale(width / shown.reel.width, height / shown.reel.height);
    drawReel(context, shown.reel, shown.moment, base);
    any = true;
  }
  return any;
}
