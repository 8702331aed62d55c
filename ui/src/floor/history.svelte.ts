/** Undo and redo over immutable documents: every change keeps the one before it. */
export class History<T> {
  present = $state.raw<T>();
  #past = $state.raw<T[]>([]);
  #future = $state.raw<T[]>([]);
  /** The act that the last change belonged to. */
  #act: number | undefined;

  canUndo = $derived(this.#past.length > 0);
  canRedo = $derived(this.#future.length > 0);

  begin(document: T): void {
    this.present = document;
    this.#act = undefined;
    this.#past = [];
    this.#future = [];
  }

  /** @param act changes of the same act are one; without one, each is one of its own */
  change(document: T, act?: number): void {
    const goesOn = act !== undefined && act === this.#act;
    this.#act = act;
    if (this.present !== undefined && !goesOn) this.#past = [...this.#past, this.present];
    this.#future = [];
    this.present = document;
  }

  undo(): void {
    if (!this.canUndo || this.present === undefined) return;
    this.#act = undefined;
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
