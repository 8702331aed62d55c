import { draft, dropDraft, graphic, keepDraft, Problem, revision, saveGraphic, workOut } from '../api/client';
import type {
  Bar,
  Field,
  Spoken,
  Filling,
  Finding,
  FontInfo,
  Graphic,
  Played,
  Standing,
  StoredGraphic,
  Trial,
  Values,
  Worked,
} from '../api/types';
import type { Moment } from '../player/moment';
import { drawnIn, stagesOf } from '../proof/findings';
import { offeredFonts } from '../api/outlines';
import type { Seen } from '../api/client';
import { Editing, PLAIN } from './editing.svelte';
import { Mending } from './mending.svelte';
import { captions } from './spoken';
import { timeOf } from './time';
import { sameValues, sampleValues, trialName } from './values';
import { mayDesign } from '../session/may.svelte';

/** ms after the last change. */
const DRAFT_AFTER = 1200;

/**
 * Everything the floor shows of one graphic: where it comes from and is kept, with which values it is looked at, and what is pointed out in
 * it. What follows from document and values is worked out by the server.
 */
export class FloorState extends Editing {
  stored = $state.raw<StoredGraphic>();
  /** Index of the trial whose values are at hand, changed or not; -1 for none. */
  trial = $state(0);
  fonts = $state.raw<FontInfo[]>([]);
  saving = $state(false);
  /** Why the last save was refused; empty if it was not. Working something out leaves it alone. */
  notKept = $state('');
  /** When what is at hand was last kept as a draft. */
  draftKept = $state('');
  /** What was opened instead of what is saved. */
  opened = $state('');
  /** What somebody else has saved in the meantime. */
  conflict = $state.raw<StoredGraphic>();
  #draftDue: ReturnType<typeof setTimeout> | undefined;
  /** A fault that is pointed out in the picture. */
  pointedOut = $state.raw<Finding>();
  /** The filling that shows it, and all it was proved with. */
  pointedWith = $state.raw<{ filling: Filling; all: Filling[] }>();
  /** The proof it was opened from. */
  pointedFrom = $state('');
  /** What would mend it. */
  mending = new Mending();
  /** The trial that comes next. */
  next = $derived(
    this.swapping.next === undefined ? undefined : (this.trials[this.swapping.next] ?? this.swapping.other),
  );
  unsaved = $derived(!!this.stored && this.design !== this.stored.document);
  /** Whether the values at hand are other ones than those of the trial they came from. */
  valuesChanged = $derived(!sameValues(this.values, this.trials[this.trial]?.values ?? {}));
  /** What the values at hand are called. */
  standing = $derived(
    this.valuesChanged ? 'values at hand' : (this.trials[this.trial]?.name ?? 'values at hand'),
  );
  async load(id: number): Promise<void> {
    try {
      const [stored, kept] = await Promise.all([graphic(id), draft(id)]);
      // Changes are judged against the revision they were made to.
      const changed = kept && kept.basedOn !== stored.revision ? await revision(id, kept.basedOn) : stored;
      this.open(changed);
      if (kept) this.#openDraft(kept.document, timeOf(kept.savedAt));
      this.fonts = await offeredFonts();
    } catch (error) {
      this.fault = (error as Error).message;
    }
  }

  #openDraft(document: Graphic, savedAt: string): void {
    this.history.change(document);
    this.draftKept = savedAt;
    this.opened = `Your unsaved changes of ${savedAt} are open. Undo goes back to what is saved.`;
    void this.workOutTrials();
    void this.workOutValues();
  }

  /** Opens an earlier revision as a change of what is at hand. */
  openDocument(earlier: StoredGraphic): void {
    this.history.change(earlier.document);
    this.opened = `Revision ${earlier.revision} is open. Undo goes back to what is saved.`;
    this.keepDraftSoon();
    void this.workOutTrials();
  }

  open(stored: StoredGraphic): void {
    this.stored = stored;
    this.pinned = undefined;
    this.putAway();
    this.leaveChange();
    this.history.begin(stored.document);
    this.conflict = undefined;
    this.fault = '';
    this.notKept = '';
    this.trial = stored.document.trials?.length ? 0 : -1;
    this.values = sampleValues(stored.document);
    this.selected ||= stored.document.parts?.at(-1)?.key ?? '';
    void this.workOutTrials();
    void this.workOutValues().then(() => this.toRest());
  }

  /** Looks at variants whatever the cases say; without any, at what they say. */
  async pin(played?: Played): Promise<void> {
    this.pinned = played;
    this.moves = [];
    await this.workOutValues();
  }

  async setOnAir(standing: Standing): Promise<void> {
    this.onAir = standing;
    await Promise.all([this.workOutValues(), this.workOutTrials()]);
  }

  /** Shows a fault: with the values that show it, at the frame where it is worst. */
  async pointOut(finding: Finding, filling: Filling, all: Filling[], from: string): Promise<void> {
    this.pointedWith = { filling, all };
    this.pointedFrom = from;
    this.trial = -1;
    this.pinned = undefined;
    this.onAir = filling.onAir;
    this.values = { ...filling.values };
    // Of a change it is the settings that come.
    this.dials = { ...(filling.then?.at(-1) ?? filling).dials };
    this.pointedOut = finding;
    if (finding.part) this.choose(finding.part);
    this.leaveChange();
    await this.workOutValues();
    if (filling.then?.length) await this.#changeTo(filling.values, filling.then);
    this.showFinding(finding);
    if (!finding.accepted) this.askMends();
  }

  /** Looks at the change in which a fault was found, as if its fillings were trials. */
  async #changeTo(values: Values, then: NonNullable<Filling['then']>): Promise<void> {
    if (!this.design) return;
    const names = ['before', ...then.slice(0, -1).map((_, i) => `then ${i + 1}`)];
    const stages = stagesOf(values, then);
    this.swapping.stood = stages.map((stage, i) => ({ name: names[i]!, stage }));
    this.swapping.other = { name: 'after', values: then.at(-1)!.values };
    await this.swapping.ask(this.design, values, this.#comers(), this.pinned, this.dials);
    this.swapping.next = this.trials.length;
  }

  showFinding(finding: Finding): void {
    const change = finding.phase === 'BACK' && this.swapping.change !== undefined;
    this.phaseAt(drawnIn(finding), finding.frame, change);
  }

  /** What may come next: every trial, and last what came where a fault was found. */
  #comers(): Trial[] {
    return this.swapping.other ? [...this.trials, this.swapping.other] : this.trials;
  }

  askMends(): void {
    if (this.design && this.pointedOut && this.pointedWith)
      void this.mending.ask(this.design, this.pointedOut, this.pointedWith.all);
  }

  /** The fault is not pointed out any more. */
  putAway(): void {
    this.pointedOut = undefined;
    this.mending.leave();
  }

  protected override filledIn(field: Field): string {
    const trial = this.trials[this.trial];
    return trial ? (trial.values[field.key] ?? '') : super.filledIn(field);
  }

  /** With other values, what the cases say of them is looked at; without cases, what was chosen stays. */
  #followCases(): void {
    if (this.design?.cases?.length) this.pinned = undefined;
  }

  /** Other values altogether, with what is on air then. */
  async useValues(values: Values, onAir: Standing): Promise<void> {
    this.trial = -1;
    this.values = { ...values };
    this.#followCases();
    await this.setOnAir(onAir);
  }

  setValue(field: string, text: string): void {
    this.#followCases();
    this.values = { ...this.values, [field]: text };
    void this.workOutValues();
  }

  /** The words of a text are spoken at other frames; what is filled in becomes captions that say so. */
  speak(bar: Bar, words: Spoken[]): void {
    const text = this.document?.parts?.find(({ key }) => key === bar.part)?.text ?? '';
    const field = /^\{([^}]+)\}$/.exec(text)?.[1];
    if (field && this.worked) this.setValue(field, captions(words, bar.start, this.worked.reel.rate));
  }

  useTrial(index: number): void {
    const trial = this.trials[index];
    if (!trial) return;
    this.trial = index;
    this.values = { ...trial.values };
    this.putAway();
    this.leaveChange();
    this.#followCases();
    const known = this.pinned ? undefined : this.trialsWorked[index];
    // With the same variants it is looked at in the same way.
    const [now, then] = [this.played, known?.played ?? PLAIN];
    if (
      known &&
      now.in === then.in &&
      now.loop === then.loop &&
      now.out === then.out &&
      now.swap === then.swap
    )
      this.show(known);
    else void this.workOutValues();
  }

  #changeTrials(rule: (trials: Trial[]) => Trial[], trial: (count: number) => number): void {
    const [at, values] = [this.trial, this.values];
    void this.inTurn(() => {
      if (!this.design) return;
      const trials = rule(this.trials);
      const design = { ...this.design, trials };
      if (this.isSeen) this.seen = { ...this.seen!, design, document: { ...this.seen!.document, trials } };
      this.history.change(design);
      // Somebody may look at something else meanwhile.
      if (this.trial === at && this.values === values) this.trial = trial(trials.length);
      this.keepDraftSoon();
      void this.workOutTrials();
    });
  }

  keepAsTrial(): void {
    if (!this.document) return;
    const from = this.trials[this.trial]?.values ?? sampleValues(this.document);
    const name = trialName(this.document, this.values, from);
    const kept = { name, values: { ...this.values } };
    this.#changeTrials(
      (trials) => [...trials, kept],
      (count) => count - 1,
    );
  }

  updateTrial(): void {
    const [values, at] = [{ ...this.values }, this.trial];
    this.#changeTrials(
      (trials) => trials.map((trial, i) => (i === at ? { ...trial, values } : trial)),
      () => at,
    );
  }

  removeTrial(): void {
    const at = this.trial;
    this.#changeTrials(
      (trials) => trials.filter((_, i) => i !== at),
      (count) => Math.min(at, count - 1),
    );
    void this.inTurn(() => this.useTrial(this.trial));
  }

  /** One trial stands, another comes next: the change from the one to the other is looked at. The same one again, and none is. */
  async setNext(index: number): Promise<void> {
    if (!this.trials[index] || !this.document) return;
    if (this.swapping.next === index) return this.leaveChange();
    this.swapping.next = index;
    if (this.swapping.answers.length === 0) await this.workOutChanges();
    if (this.swapping.next !== index) return;
    this.swapping.held = undefined;
    this.phaseAt('IN', 0, true);
  }

  /** The trial after the one that comes next, or before it; never the one that stands. */
  async nextBy(by: number): Promise<void> {
    const count = this.trials.length;
    if (count === 0) return;
    const from = this.swapping.next ?? this.trial;
    for (let i = 1; i <= count; i++) {
      const index = (((from + by * i) % count) + count) % count;
      if (index !== this.trial && index !== this.swapping.next) return this.setNext(index);
    }
  }

  leaveChange(): void {
    const looked = this.moment.change;
    this.swapping.leave();
    if (looked) this.toRest();
  }

  /** Something else comes at the moment at hand, of a change or of what stands: a second change, or the out. */
  interrupt(): void {
    const came = this.moment.change ? this.next : undefined;
    if (!this.reel || this.moment.phase === 'OUT' || (this.moment.change && !came)) return;
    const stands = { name: this.standing, values: { ...this.values } };
    this.swapping.interrupt(this.reel, { ...this.moment }, stands, came);
    if (!this.moment.change) this.moment = { ...this.moment, change: true };
    void this.workOutChanges();
  }

  async workOutChanges(): Promise<void> {
    if (!this.design) return;
    await this.swapping.ask(this.design, this.values, this.#comers(), this.pinned, this.dials);
  }

  protected override show(worked: Worked, seen?: Seen): void {
    super.show(worked, seen);
    if (this.swapping.next !== undefined || this.swapping.stood.length > 0) void this.workOutChanges();
  }

  /** The reel for leaving from a moment of in, loop or a change, as it is worked out by the server. */
  async leaving(moment: Moment): Promise<Worked | undefined> {
    if (!this.design) return undefined;
    if (moment.change) {
      if (!this.next || !this.worked) return undefined;
      const reel = await this.swapping.leaving(
        this.design,
        this.values,
        moment,
        this.next.values,
        this.pinned,
      );
      return { ...this.worked, reel };
    }
    const { phase, frame, looped, share } = moment;
    const leaves = { phase, frame, looped, share };
    const [worked] = await workOut(this.design, [this.values], { ...this.options(), leaves });
    return worked;
  }

  /** A draft is kept a little after the last change, so that nothing is lost with the page. */
  protected keepDraftSoon(): void {
    this.draftKept = '';
    clearTimeout(this.#draftDue);
    this.#draftDue = setTimeout(() => void this.keepDraft(), DRAFT_AFTER);
  }

  async keepDraft(): Promise<void> {
    clearTimeout(this.#draftDue);
    if (!this.stored || !this.design || this.saving || !mayDesign()) return;
    const { id, revision: basedOn } = this.stored;
    try {
      if (this.unsaved) {
        await keepDraft(id, basedOn, this.design);
        this.draftKept = timeOf();
      } else {
        await dropDraft(id);
        this.draftKept = '';
      }
    } catch {
      // The page says when the server is away; the next change tries again.
    }
  }

  /** What was changed just now and is still on its way is what is undone. */
  undo(): void {
    void this.inTurn(() => {
      this.history.undo();
      this.#afterHistory();
    });
  }

  redo(): void {
    void this.inTurn(() => {
      this.history.redo();
      this.#afterHistory();
    });
  }

  #afterHistory(): void {
    this.keepDraftSoon();
    this.opened = '';
    this.trial = Math.min(this.trial, this.trials.length - 1);
    // What was chosen may not be there any more.
    if (!this.part) this.choose('');
    this.refusal = '';
    void this.workOutTrials();
    void this.workOutValues();
  }

  /** Saves on top of the revision that was loaded, or of one that somebody else has saved since. */
  async save(basedOn = this.stored?.revision): Promise<void> {
    if (!this.stored || !this.design || basedOn === undefined || this.saving) return;
    this.saving = true;
    this.notKept = '';
    try {
      // What was changed just now is saved, too.
      const design = await this.inTurn(() => this.design!);
      const saved = await saveGraphic(this.stored.id, basedOn, design);
      // The document at hand stays the same object, so that nothing on screen is made anew.
      this.stored = { ...saved, document: design };
      clearTimeout(this.#draftDue);
      this.draftKept = '';
      this.opened = '';
      this.conflict = undefined;
    } catch (error) {
      if (error instanceof Problem && error.current) this.conflict = error.current;
      else this.notKept = (error as Error).message;
    } finally {
      this.saving = false;
    }
  }
}
