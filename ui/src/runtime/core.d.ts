/** The core, compiled to JavaScript. */
declare module '*/core.js' {
  import type { Reel } from '../api/types';

  export interface Stage {
    clear(): void;
    forget(frame: number): void;
    knows(number: number): boolean;
    problems(data: unknown): string;
    take(frame: number, data: unknown): void;
    step(frame: number): void;
    leave(frame: number): void;
    hurry(frame: number): void;
    vanish(frame: number): void;
    stands(frame: number): boolean;
    stepsLeft(frame: number): number;
    shown(frame: number): StageMoment | null;
    reel(number: number): Reel;
    rest(data: unknown): Record<string, { x: number; y: number; width: number; height: number }>;
  }

  export interface StageMoment {
    reel: number;
    phase: 'IN' | 'LOOP' | 'OUT';
    frame: number;
    looped: number;
    share: number;
    waits: boolean;
  }

  export function open(design: unknown, texts: unknown): Stage;
}
