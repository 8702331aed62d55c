import type { Reel } from '../api/types';
import { drawReel } from '../player/draw';
import { drawnAt } from './shown';
import type { AirState } from './types';

/**
 * Draws what is on air at a frame over whatever is on the canvas, as large as the canvas is.
 *
 * @param only whether a berth is drawn; all are if it is missing
 * @returns whether anything was drawn
 */
export function paintAir(
  context: CanvasRenderingContext2D,
  state: AirState,
  frame: number,
  reelOf: (id: string) => Reel | undefined,
  only: (berth: string) => boolean = () => true,
): boolean {
  let any = false;
  for (const { berth, plays } of state.berths) {
    if (!only(berth)) continue;
    const shown = drawnAt(plays, frame, reelOf);
    if (!shown) continue;
    const { width, height } = context.canvas;
    const base = new DOMMatrix().scale(width / shown.reel.width, height / shown.reel.height);
    drawReel(context, shown.reel, shown.moment, base);
    any = true;
  }
  return any;
}
