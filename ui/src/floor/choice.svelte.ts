import type { AnyPhase } from '../player/moment';
import type { Axis } from '../sheet/relations';
import type { MoveRef } from './moves';
import { Playhead } from './playhead.svelte';
import { View } from './view.svelte';

/** What is chosen: parts, moves, or a phase; the sheet is about that. */
export class Choice extends Playhead {
  /** The part that the sheet is about. */
  selected = $state('');
  /** How often something was chosen. */
  choices = $state(0);
  /** Further parts that are chosen with it. */
  others = $state<string[]>([]);
  view = new View();
  /** Moves that are chosen in the score; the first is the one the sheet is about. */
  moves = $state.raw<MoveRef[]>([]);
  /** The phase that the sheet is about. */
  phaseShown = $state<AnyPhase>();
  /** How many times as wide as the window the score is. */
  zoom = $state(1);
  /** Along which axis the next edge that is pointed at is what the part hangs on. */
  pointing = $state<Axis>();
  chosenParts = $derived([this.selected, ...this.others].filter((key) => key));
  /** Chooses a part, alone or together with those that are chosen. */
  choose(key: string, together = false): void {
    this.choices += 1;
    this.moves = [];
    this.phaseShown = undefined;
    if (!together || !this.selected) {
      this.selected = key;
      this.others = [];
    } else if (key !== this.selected) {
      const without = this.others.filter((other) => other !== key);
      this.others = without.length < this.others.length ? without : [...this.others, key];
    }
  }

  /** What is chosen besides a part is let go; then the part. */
  letGo(): void {
    const more = this.moves.length > 0 || this.others.length > 0 || this.phaseShown !== undefined;
    this.choose(more ? this.selected : '');
  }

  /** Chooses a move and its part, alone or together with those that are chosen. */
  chooseMove(move: MoveRef, part: string, together = false): void {
    this.choices += 1;
    this.phaseShown = undefined;
    this.selected = part;
    this.others = [];
    const others = this.moves.filter(({ phase, key }) => phase !== move.phase || key !== move.key);
    this.moves = together ? (others.length < this.moves.length ? others : [...others, move]) : [move];
  }

  choosePhase(phase: AnyPhase): void {
    this.choices += 1;
    this.moves = [];
    this.phaseShown = this.phaseShown === phase ? undefined : phase;
  }
}
