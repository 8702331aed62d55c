/** How picture and score share the window. */
export type Arranged = 'shared' | 'score' | 'picture';

/** How much room the columns of the score have. */
export interface Room {
  /** Factor of the px of a frame. */
  IN: number;
  SWAP: number;
  OUT: number;
  /** px. */
  rest: number;
  LOOP: number;
}

const KEPT = 'glimble.floor';
export const USUAL_SHARE = 0.56;
/** Of the height, for the picture. */
const SCORE_LARGE = 0.3;
export const USUAL_ROOM: Room = { IN: 1, SWAP: 1, OUT: 1, rest: 180, LOOP: 110 };
const LEAST: Room = { IN: 0.3, SWAP: 0.3, OUT: 0.3, rest: 40, LOOP: 60 };
const MOST: Room = { IN: 6, SWAP: 6, OUT: 6, rest: 600, LOOP: 900 };

interface Kept {
  share?: number;
  room?: Partial<Room>;
  stepsAway?: boolean;
}

function kept(): Kept {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Kept;
  } catch {
    // What cannot be read is as if nothing had been chosen.
    return {};
  }
}

/** How one has arranged the floor; it is remembered by the browser, not with the graphic. */
export class Arrangement {
  how = $state<Arranged>('shared');
  /** 0–1 of the height that picture and score share. */
  share = $state(USUAL_SHARE);
  room = $state.raw<Room>(USUAL_ROOM);
  /** Whether nobody wants to be led through first steps any more. */
  stepsAway = $state(false);

  constructor() {
    const { share, room, stepsAway } = kept();
    this.stepsAway = stepsAway === true;
    if (typeof share === 'number') this.share = within(share, 0.15, 0.85);
    for (const key of Object.keys(room ?? {}) as (keyof Room)[]) {
      const px = room![key];
      if (typeof px === 'number' && key in USUAL_ROOM) this.room = { ...this.room, [key]: px };
    }
  }

  /** 0–1 of the height, for the picture. */
  get top(): number {
    return this.how === 'score' ? SCORE_LARGE : this.share;
  }

  toggle(how: Arranged): void {
    this.how = this.how === how ? 'shared' : how;
  }

  setShare(share: number): void {
    this.how = 'shared';
    this.share = within(share, 0.15, 0.85);
    this.#keep();
  }

  setRoom(column: keyof Room, room: number): void {
    this.room = { ...this.room, [column]: within(room, LEAST[column], MOST[column]) };
    this.#keep();
  }

  putStepsAway(): void {
    this.stepsAway = true;
    this.#keep();
  }

  #keep(): void {
    localStorage.setItem(
      KEPT,
      JSON.stringify({ share: this.share, room: this.room, stepsAway: this.stepsAway }),
    );
  }
}

function within(value: number, least: number, most: number): number {
  return Math.max(least, Math.min(most, value));
}
