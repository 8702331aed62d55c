import { editSheet, sheet, undoSheet } from '../api/desk';
import { Problem } from '../api/problem';
import { revision } from '../api/client';
import type { Cue, Graphic, SheetEdit, StoredSheet } from '../api/types';

const GONE = 404;

/** A cue sheet as it is worked on: changes go one after the other, and can be taken back. */
export class SheetKeeper {
  stored = $state.raw<StoredSheet>();
  fault = $state('');
  /** What could not be kept, and why; empty for nothing. */
  refusal = $state('');
  /** Whether what was refused last was refused because somebody else had changed the same. */
  overtaken = false;
  /** Graphics by id and revision. */
  graphics = $state.raw<Record<string, Graphic>>({});
  /** Revisions that changes made here, the last one last; those of a change that was kept in several goes together. */
  #made: number[][] = [];
  #undone: number[][] = [];
  canUndo = $state(false);
  /** Of the sheet that was asked for last. */
  #id: number | undefined;
  #chain: Promise<unknown> = Promise.resolve();

  cues = $derived(this.stored?.sheet.cues ?? []);

  async open(id: number): Promise<void> {
    if (id !== this.#id) this.#leave();
    this.#id = id;
    try {
      const found = await sheet(id);
      if (id !== this.#id) return;
      await this.#take(found);
      this.fault = '';
    } catch (error) {
      if (id !== this.#id) return;
      // What is worked on stays, unless it is no longer there; without an answer it is asked again.
      if (this.stored && (error as Problem).status !== GONE) return;
      this.fault = (error as Error).message;
    }
  }

  /** What was made in one sheet is not taken back in another. */
  #leave(): void {
    this.stored = undefined;
    this.fault = '';
    this.refusal = '';
    this.#made = [];
    this.#undone = [];
    this.canUndo = false;
  }

  /** Somebody has changed a sheet. */
  heard({ id, revision }: { id: number; revision: number }): void {
    if (id !== this.stored?.id || revision <= this.stored.revision) return;
    void this.#then(async () => {
      if (revision > (this.stored?.revision ?? 0)) await this.#take(await sheet(id));
    });
  }

  graphicOf(cue: Cue | undefined): Graphic | undefined {
    return cue && this.graphics[keyOf(cue)];
  }

  async #take(stored: StoredSheet): Promise<void> {
    const keys = stored.sheet.cues.map(keyOf);
    const missing = keys.filter((key, place) => !(key in this.graphics) && keys.indexOf(key) === place);
    const found = await Promise.all(
      missing.map(async (key) => {
        const [graphic, number] = key.split('/').map(Number);
        return [key, (await revision(graphic!, number!)).document] as const;
      }),
    );
    if (stored.id !== this.#id) return;
    if (found.length > 0) this.graphics = { ...this.graphics, ...Object.fromEntries(found) };
    this.stored = stored;
  }

  #then<T>(work: () => Promise<T>): Promise<T> {
    const next = this.#chain.then(work);
    this.#chain = next.catch(() => {});
    return next;
  }

  /**
   * Resolves with the sheet once it is kept; undefined if it was refused.
   * @param joins how many of the changes before are taken back with it
   */
  change(edit: SheetEdit, joins = 0): Promise<StoredSheet | undefined> {
    return this.#done(async (before) => {
      const after = await editSheet(before.id, before.revision, edit);
      if (after.revision !== before.revision) {
        const joined = joins > 0 ? this.#made.splice(-joins).flat() : [];
        this.#made.push([...joined, after.revision]);
        this.#undone = [];
      }
      return after;
    });
  }

  undo(): Promise<StoredSheet | undefined> {
    return this.#back(this.#made, this.#undone);
  }

  redo(): Promise<StoredSheet | undefined> {
    return this.#back(this.#undone, this.#made);
  }

  #back(from: number[][], to: number[][]): Promise<StoredSheet | undefined> {
    return this.#done(async (before) => {
      const last = from.pop() ?? [];
      const made: number[] = [];
      let after = before;
      for (const one of [...last].reverse()) {
        const { revision } = after;
        after = await undoSheet(before.id, one);
        if (after.revision !== revision) made.push(after.revision);
      }
      if (made.length > 0) to.push(made);
      return after;
    });
  }

  #done(work: (before: StoredSheet) => Promise<StoredSheet>): Promise<StoredSheet | undefined> {
    return this.#then(async () => {
      if (!this.stored) return undefined;
      try {
        const after = await work(this.stored);
        await this.#take(after);
        this.refusal = '';
        return after;
      } catch (error) {
        this.refusal = (error as Error).message;
        this.overtaken = error instanceof Problem && error.status === 409;
        // Somebody else's stays: it is shown.
        if (this.overtaken) await this.open(this.stored!.id);
        return undefined;
      } finally {
        this.canUndo = this.#made.length > 0;
      }
    });
  }
}

/** Of the graphic of a cue. */
function keyOf({ graphic, revision: number }: Cue): string {
  return `${graphic}/${number}`;
}
