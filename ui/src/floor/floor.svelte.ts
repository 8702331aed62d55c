import { graphic, Problem, saveGraphic, workOut } from '../api/client';
import type { Graphic, StoredGraphic, Trial, Values, Worked } from '../api/types';
import { length, next, PHASES, previous, within, type Moment, type Phase } from '../player/moment';
import { haveOutlines } from '../player/outlines';
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
  fault = $state('');
  saving = $state(false);
  /** What somebody else has saved in the meantime. */
  conflict = $state.raw<StoredGraphic>();

  #asked = false;
  #working = false;

  document = $derived(this.history.present);
  trials = $derived(this.document?.trials ?? []);
  unsaved = $derived(!!this.stored && this.document !== this.stored.document);
  /** Whether the values at hand are other ones than those of the trial they came from. */
  valuesChanged = $derived(!sameValues(this.values, this.trials[this.trial]?.values ?? {}));

  async load(id: number): Promise<void> {
    try {
      const stored = await graphic(id);
      this.open(stored);
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

  #change(document: Graphic): void {
    this.history.change(document);
    void this.workOutTrials();
  }

  #changeTrials(trials: Trial[]): void {
    if (this.document) this.#change({ ...this.document, trials });
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
