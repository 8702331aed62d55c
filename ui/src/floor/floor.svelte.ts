import { editGraphic, graphic, Problem, saveGraphic, workOut, type Edit } from '../api/client';
import type { FontInfo, Graphic, Part, StoredGraphic, Trial, Values, Worked } from '../api/types';
import { length, next, PHASES, previous, within, type Moment, type Phase } from '../player/moment';
import { haveOutlines, shippedFonts } from '../player/outlines';
import { moved } from '../sheet/relations';
import { History } from './history.svelte';
import { sameValues, sampleValues } from './values';

/** Everything the floor shows of one graphic. What follows from document and values is worked out by the server. */
export class FloorState {
  stored = $state.raw<StoredGraphic>();
  history = new History<Graphic>();
  values = $state<Values>({});
  /** Index of the trial whose values are at hand, changed or not; -1 for none. */
  trial = $state(0);
  worked = $state.raw<Worked>();
  /** One for each trial of the document. */
  trialsWorked = $state.raw<Worked[]>([]);
  moment = $state<Moment>({ phase: 'IN', frame: 0 });
  selected = $state('');
  fonts = $state.raw<FontInfo[]>([]);
  fault = $state('');
  saving = $state(false);
  /** What somebody else has saved in the meantime. */
  conflict = $state.raw<StoredGraphic>();

  /** Why the last change was refused; empty once one is taken again. */
  refusal = $state('');
  /** Grows with each refusal, so that what was typed can be put back. */
  refusals = $state(0);

  /** How many changes are being worked out. */
  changing = $state(0);

  #changes: Promise<unknown> = Promise.resolve();
  /** Names that parts had before, and have now. */
  #renamed: Record<string, string> = {};
  #asked = false;
  #working = false;

  document = $derived(this.history.present);
  part = $derived(this.document?.parts?.find(({ key }) => key === this.selected));
  trials = $derived(this.document?.trials ?? []);
  mirrored = $derived(
    !!this.document?.mirror &&
      (this.values[this.document.mirror.field] ?? '').trim() === this.document.mirror.when,
  );
  unsaved = $derived(!!this.stored && this.document !== this.stored.document);
  /** Whether the values at hand are other ones than those of the trial they came from. */
  valuesChanged = $derived(!sameValues(this.values, this.trials[this.trial]?.values ?? {}));

  async load(id: number): Promise<void> {
    try {
      this.open(await graphic(id));
      this.fonts = await shippedFonts();
    } catch (error) {
      this.fault = (error as Error).message;
    }
  }

  open(stored: StoredGraphic): void {
    this.stored = stored;
    this.history.begin(stored.document);
    this.conflict = undefined;
    this.fault = '';
    this.trial = 0;
    this.values = sampleValues(stored.document);
    this.selected ||= stored.document.parts?.at(-1)?.key ?? '';
    void this.workOutTrials();
    void this.workOutValues().then(() => this.toRest());
  }

  setValue(field: string, text: string): void {
    this.values = { ...this.values, [field]: text };
    void this.workOutValues();
  }

  useTrial(index: number): void {
    const trial = this.trials[index];
    if (!trial) return;
    this.trial = index;
    this.values = { ...trial.values };
    const known = this.trialsWorked[index];
    if (known) this.#show(known);
    else void this.workOutValues();
  }

  #show(worked: Worked): void {
    this.worked = worked;
    const moment = within(worked.reel, this.moment);
    // Setting it draws the whole strip anew.
    if (moment.frame !== this.moment.frame) this.moment = moment;
  }

  /** Works out the values at hand. While one request is on its way the next waits, and only the latest is sent. */
  async workOutValues(): Promise<void> {
    this.#asked = true;
    if (this.#working) return;
    this.#working = true;
    try {
      while (this.#asked && this.document) {
        this.#asked = false;
        const [worked] = await workOut(this.document, [this.values]);
        await haveOutlines([worked!.reel]);
        if (!this.#asked) this.#show(worked!);
        this.fault = '';
      }
    } catch (error) {
      this.fault = (error as Error).message;
    } finally {
      this.#working = false;
    }
  }

  async workOutTrials(): Promise<void> {
    if (!this.document) return;
    try {
      const worked = await workOut(
        this.document,
        this.trials.map((trial) => trial.values),
      );
      await haveOutlines(worked.map(({ reel }) => reel));
      this.trialsWorked = worked;
    } catch (error) {
      this.fault = (error as Error).message;
    }
  }

  /**
   * Changes the document. Changes wait for each other, and each is worked out before it counts: one that cannot be, such as a
   * circle, is refused with the reason and changes nothing.
   *
   * @param afterwards done together with a change that is taken
   */
  change(edit: (document: Graphic) => Graphic | Promise<Graphic>, afterwards = () => {}): Promise<void> {
    this.changing += 1;
    const done = this.#changes.then(async () => {
      try {
        if (!this.document) return;
        const document = await edit(this.document);
        const trials = (document.trials ?? []).map((trial) => trial.values);
        const [worked, ...ofTrials] = await workOut(document, [this.values, ...trials]);
        await haveOutlines([worked!, ...ofTrials].map(({ reel }) => reel));
        this.history.change(document);
        afterwards();
        const atRest = this.moment.phase === 'IN' && this.moment.frame === this.worked?.reel.in;
        this.#show(worked!);
        if (atRest) this.toRest();
        this.trialsWorked = ofTrials;
        this.refusal = '';
      } catch (error) {
        this.refusal = (error as Error).message;
        this.refusals += 1;
      } finally {
        this.changing -= 1;
      }
    });
    this.#changes = done;
    return done;
  }

  changePart(key: string, changes: Partial<Part>): Promise<void> {
    return this.#changePart(key, (part) => ({ ...part, ...changes }));
  }

  #changePart(key: string, changed: (part: Part) => Part): Promise<void> {
    return this.change((document) => {
      const parts = document.parts ?? [];
      // It may have been given another name while this change was waiting.
      const now = parts.some((part) => part.key === key) ? key : this.#renamed[key];
      return { ...document, parts: parts.map((part) => (part.key === now ? changed(part) : part)) };
    });
  }

  /** An edit that touches more than one place; the server knows how. */
  edit(edit: Edit): Promise<void> {
    const before = this.selected;
    let next = before;
    return this.change(
      async (document) => {
        const edited = await editGraphic(document, this.values, edit);
        next = edited.part || (edited.document.parts?.at(-1)?.key ?? '');
        return edited.document;
      },
      () => {
        if (edit.what === 'RENAME_PART') this.#renamed[edit.key] = next;
        // Whoever has chosen another part in the meantime keeps it.
        if (this.selected === before) this.selected = next;
      },
    );
  }

  /** Moves the selected part by so many px of the picture: the offsets of its places change. */
  movePart(x: number, y: number): Promise<void> {
    const mirrored = this.mirrored;
    return this.#changePart(this.selected, (part) => ({
      ...part,
      x: moved(part.x, x, 'x', mirrored),
      y: moved(part.y, y, 'y', mirrored),
    }));
  }

  #changeTrials(trials: Trial[]): void {
    if (!this.document) return;
    this.history.change({ ...this.document, trials });
    void this.workOutTrials();
  }

  keepAsTrial(): void {
    const first = this.document?.fields?.map(({ key }) => this.values[key]?.trim()).find((text) => text);
    const name = (first ?? 'all blank').slice(0, 24);
    this.#changeTrials([...this.trials, { name, values: { ...this.values } }]);
    this.trial = this.trials.length - 1;
  }

  updateTrial(): void {
    const values = { ...this.values };
    this.#changeTrials(this.trials.map((trial, i) => (i === this.trial ? { ...trial, values } : trial)));
  }

  removeTrial(): void {
    this.#changeTrials(this.trials.filter((_, i) => i !== this.trial));
    this.useTrial(Math.min(this.trial, this.trials.length - 1));
  }

  undo(): void {
    this.history.undo();
    this.#afterHistory();
  }

  redo(): void {
    this.history.redo();
    this.#afterHistory();
  }

  #afterHistory(): void {
    this.trial = Math.min(this.trial, this.trials.length - 1);
    this.refusal = '';
    void this.workOutTrials();
    void this.workOutValues();
  }

  /** Saves on top of the revision that was loaded, or of one that somebody else has saved since. */
  async save(basedOn = this.stored?.revision): Promise<void> {
    if (!this.stored || !this.document || basedOn === undefined || this.saving) return;
    this.saving = true;
    try {
      const saved = await saveGraphic(this.stored.id, basedOn, this.document);
      // The document at hand stays the same object, so that nothing on screen is made anew.
      this.stored = { ...saved, document: this.document };
      this.conflict = undefined;
      this.fault = '';
    } catch (error) {
      if (error instanceof Problem && error.current) this.conflict = error.current;
      else this.fault = (error as Error).message;
    } finally {
      this.saving = false;
    }
  }

  toRest(): void {
    if (this.worked) this.moment = { phase: 'IN', frame: this.worked.reel.in };
  }

  step(frames: number): void {
    const reel = this.worked?.reel;
    if (!reel) return;
    for (let i = 0; i < Math.abs(frames); i++) {
      this.moment = frames > 0 ? next(reel, this.moment) : previous(reel, this.moment);
    }
  }

  /** To the first frame of the phase at hand, or the last of it. */
  toEnd(last: boolean): void {
    const reel = this.worked?.reel;
    if (reel) this.moment = { ...this.moment, frame: last ? length(reel, this.moment.phase) : 0 };
  }

  phaseAt(phase: Phase, frame: number): void {
    if (this.worked && PHASES.includes(phase)) this.moment = within(this.worked.reel, { phase, frame });
  }
}
