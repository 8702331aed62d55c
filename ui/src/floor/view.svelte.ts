import type { Part } from '../api/types';
import { members, unseen } from './members';

/** How one looks at a graphic while designing it. None of it is in the document. */
export class View {
  locked = $state<string[]>([]);
  hidden = $state<string[]>([]);
  /** With any, nothing else is shown. */
  only = $state<string[]>([]);
  /** Groups that have one row in the score for all that is in them. */
  folded = $state<string[]>([]);
  rulers = $state(false);
  /** Whether the sheet says what every number is made of. */
  sums = $state(false);
  /** px between the lines of the grid; 0 for none. */
  grid = $state(0);

  toggle(which: 'locked' | 'hidden' | 'only' | 'folded', key: string): void {
    const now = this[which];
    this[which] = now.includes(key) ? now.filter((other) => other !== key) : [...now, key];
  }

  unseen(parts: Part[]): Set<string> {
    return unseen(parts, this.hidden, this.only);
  }

  isLocked(parts: Part[], key: string): boolean {
    return members(parts, this.locked).has(key);
  }
}
