import type { Bar, Graphic, Move, PhaseDocument, Start } from '../api/types';
import { PHASES, type AnyPhase } from '../player/moment';

/** A move of a phase. */
export interface MoveRef {
  phase: AnyPhase;
  key: string;
}

export type PhaseKey = 'in' | 'loop' | 'out' | 'away' | 'back';

/** What a case names a variant of. */
export type PlayedKey = 'in' | 'loop' | 'out' | 'swap';

export const PHASE_KEYS: Record<AnyPhase, PhaseKey> = {
  IN: 'in',
  LOOP: 'loop',
  OUT: 'out',
  AWAY: 'away',
  BACK: 'back',
};

/** All of them, halves of the swap last. */
export const ANY_PHASES: AnyPhase[] = [...PHASES, 'AWAY', 'BACK'];

export function isSwap(phase: AnyPhase): boolean {
  return phase === 'AWAY' || phase === 'BACK';
}

/** What the document says of a phase, or of a half of the swap. */
export function phaseOf(document: Graphic | undefined, phase: AnyPhase): PhaseDocument {
  if (phase === 'AWAY' || phase === 'BACK') return document?.swap?.[phase === 'AWAY' ? 'away' : 'back'] ?? {};
  return document?.[phase === 'IN' ? 'in' : phase === 'LOOP' ? 'loop' : 'out'] ?? {};
}

/** The document with something else said of a phase. */
export function withPhase(document: Graphic, phase: AnyPhase, changes: Partial<PhaseDocument>): Graphic {
  const changed = { ...(phase === 'LOOP' && { length: 0 }), ...phaseOf(document, phase), ...changes };
  if (isSwap(phase))
    return { ...document, swap: { ...document.swap, [phase === 'AWAY' ? 'away' : 'back']: changed } };
  return { ...document, [PHASE_KEYS[phase]]: changed };
}

export function movesOf(document: Graphic | undefined, phase: AnyPhase): Move[] {
  return phaseOf(document, phase).moves ?? [];
}

/** The document with the moves of a phase changed by a rule. */
export function withMoves(document: Graphic, phase: AnyPhase, rule: (moves: Move[]) => Move[]): Graphic {
  return withPhase(document, phase, { moves: rule(movesOf(document, phase)) });
}

/** The key of the move that a start waits for. */
export function waitedFor(start: Start | undefined): string | undefined {
  return start?.after ?? start?.with;
}

/** A start so many frames later. */
function later(start: Start | undefined, frames: number): Start {
  if (!start || start.at !== undefined) return { at: Math.max(0, (start?.at ?? 0) + frames) };
  return { ...start, plus: (start.plus ?? 0) + frames };
}

/** Moves begin so many frames later; one that waits for another that does follows it anyway. */
export function shifted(moves: Move[], keys: string[], frames: number): Move[] {
  return moves.map((move) => {
    if (!keys.includes(move.key) || keys.includes(waitedFor(move.start) ?? '')) return move;
    return { ...move, start: later(move.start, frames) };
  });
}

/**
 * Moves end so many frames later, or begin so many later and end where they did. The length of a linked copy is that of the move
 * it is linked to.
 *
 * @param atEnd whether their end is pulled
 */
export function stretched(moves: Move[], keys: string[], frames: number, atEnd: boolean): Move[] {
  const originals = new Set(
    moves.flatMap(({ key, like }) => (keys.includes(key) && like ? [like] : [])).concat(keys),
  );
  return moves.map((move) => {
    if (!originals.has(move.key) || move.like) return move;
    const length = Math.max(1, (move.length ?? 1) + (atEnd ? frames : -frames));
    if (atEnd) return { ...move, length };
    return { ...move, length, start: later(move.start, (move.length ?? 1) - length) };
  });
}

/**
 * A move waits for another from now on, and begins where that one ends or begins.
 *
 * @param end whether it waits for that one's end, not its beginning
 */
export function waiting(moves: Move[], bars: Bar[], key: string, on: string, end: boolean): Move[] {
  const bar = bars.find(({ move }) => move === key);
  const waited = bars.find(({ move }) => move === on);
  if (!bar || !waited) return moves;
  // An offset that kept it where it was would hide the tie.
  const start: Start = end ? { after: on } : { with: on };
  return moves.map((move) => (move.key === key ? { ...move, start } : move));
}

/** Frames to which bars snap: where other bars begin and end, whole seconds, and where the playhead is. */
export function snapFrames(
  bars: Bar[],
  keys: string[],
  rate: number,
  length: number,
  playhead?: number,
): number[] {
  const others = bars.filter(({ move }) => !keys.includes(move));
  const frames = others.flatMap(({ start, length: own }) => [start, start + own]);
  const second = Math.round(rate);
  for (let frame = 0; frame <= length + second; frame += second) frames.push(frame);
  return playhead === undefined ? frames : [...frames, playhead];
}

/** The frames by which to go so that one of some edges lies on a frame that is near; as far as asked if none is. */
export function snappedBy(edges: number[], by: number, to: number[], near: number): number {
  let best = by;
  let distance = near;
  for (const edge of edges) {
    for (const frame of to) {
      const far = Math.abs(frame - edge - by);
      if (far <= distance) {
        distance = far;
        best = frame - edge;
      }
    }
  }
  return best;
}

/** Frames of a phase at which something begins or ends, in order. */
export function keyFrames(bars: Bar[], phase: AnyPhase): number[] {
  const frames = bars
    .filter((bar) => bar.phase === phase)
    .flatMap(({ start, length }) => [start, start + length]);
  return [...new Set([0, ...frames])].sort((a, b) => a - b);
}

/** Keys of moves by their phase, in the order of the phases. */
export function byPhase(moves: MoveRef[]): [AnyPhase, string[]][] {
  return ANY_PHASES.map((phase): [AnyPhase, string[]] => [
    phase,
    moves.filter((move) => move.phase === phase).map(({ key }) => key),
  ]).filter(([, keys]) => keys.length > 0);
}
