import type { Show } from './show';

/** What may be done to a graphic. */
export type Act =
  | { kind: 'update'; data: unknown; atOnce: boolean }
  | { kind: 'play'; by: number; to: number | undefined; atOnce: boolean }
  | { kind: 'stop'; atOnce: boolean };

/** Data that cannot be filled in; the message has a line for each problem. */
export class BadData extends Error {}

/** Where a graphic is in its steps, and what it will be filled with when it is played. */
export interface Standing {
  data: unknown;
  /** Undefined while nothing stands. */
  step: number | undefined;
}

/**
 * Does an act at a frame. Nothing has changed if it throws.
 *
 * @returns where the graphic is then
 * @throws BadData if that is what it is given
 */
export async function act(show: Show, standing: Standing, what: Act, frame: number): Promise<Standing> {
  if (what.kind === 'update') return update(show, standing, what, frame);
  if (what.kind === 'stop') return stop(show, standing, what.atOnce, frame);
  return play(show, standing, what, frame);
}

/** @throws BadData */
export function check(show: Show, data: unknown): void {
  const problems = show.stage.problems(data);
  if (problems) throw new BadData(problems);
}

async function update(
  show: Show,
  standing: Standing,
  { data, atOnce }: { data: unknown; atOnce: boolean },
  frame: number,
): Promise<Standing> {
  check(show, data);
  if (show.stage.stands(frame)) {
    await show.withFonts((stage) => stage.take(frame, data));
    if (atOnce) show.stage.hurry(frame);
  }
  return { ...standing, data };
}

function stop(show: Show, standing: Standing, atOnce: boolean, frame: number): Standing {
  if (show.stage.stands(frame)) {
    if (atOnce) show.stage.vanish(frame);
    else show.stage.leave(frame);
  }
  return { ...standing, step: undefined };
}

async function play(
  show: Show,
  standing: Standing,
  { by, to, atOnce }: { by: number; to: number | undefined; atOnce: boolean },
  frame: number,
): Promise<Standing> {
  const { stage } = show;
  let step = stage.stands(frame) ? standing.step : undefined;
  const wanted = Math.max(0, to ?? (step ?? -1) + by);
  // To go back it comes in anew.
  if (step !== undefined && wanted <= step && to !== undefined) {
    stage.vanish(frame);
    step = undefined;
  }
  if (step === undefined) {
    await show.withFonts(() => stage.take(frame, standing.data));
    step = 0;
  }
  while (step < wanted) {
    // What lies between is passed by.
    stage.hurry(frame);
    if (stage.stepsLeft(frame) === 0) return { ...stop(show, standing, atOnce, frame), step: step + 1 };
    stage.step(frame);
    step++;
  }
  if (atOnce) stage.hurry(frame);
  return { ...standing, step };
}
