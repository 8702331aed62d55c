/** Undo and redo over immutable documents: every change keeps the one before it. */
export class History<T> {
  present = $state.raw<T>();
  #past = $state.raw<T[]>([]);
  #future = $state.raw<T[]>([]);

  canUndo = $derived(this.#past.length > 0);
  canRedo = $derived(this.#future.length > 0);

  begin(document: T): void {
    this.present = document;
    this.#past = [];
    this.#future = [];
  }

  change(document: T): void {
    if (this.present !== undefined) this.#past = [...this.#past, this.present];
    this.#future = [];
    this.present = document;
  }

  undo(): void {
    if (!this.canUndo || this.present === undefined) return;
    this.#future = [this.present, ...this.#future];
    this.present = this.#past.at(-1);
    this.#past = this.#past.slice(0, -1);
  }

  redo(): void {
    if (!this.canRedo || this.present === undefined) return;
    this.#past = [...this.#past, this.present];
    this.present = this.#future[0];
    this.#future = this.#future.slice(1);
  }
}
