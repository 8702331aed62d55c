import {
  draft,
  dropDraft,
  editGraphic,
  graphic,
  keepDraft,
  Problem,
  revision,
  saveGraphic,
  workOut,
  workOutSeen,
  type Edit,
  type Seen,
  type WorkOptions,
} from '../api/client';
import type {
  EditWhat,
  Filling,
  Finding,
  FontInfo,
  Graphic,
  Move,
  Part,
  Played,
  Standing,
  StoredGraphic,
  Trial,
  Values,
  Worked,
} from '../api/types';
import { length, next, PHASES, previous, within, type Moment, type Phase } from '../player/moment';
import { shippedFonts } from '../player/outlines';
import { ready } from '../player/ready';
import type { Axis } from '../sheet/relations';
import { movedParts, pulled } from './handles';
import { actNow } from './acts';
import { byPhase, keyFrames, movesOf, PHASE_KEYS, withMoves, type MoveRef } from './moves';
import { Mending } from './mending.svelte';
import { History } from './history.svelte';
import { View } from './view.svelte';
import { inWords } from './pathWords';
import { timeOf } from './time';
import { sameValues, sampleValues } from './values';

const PLAIN: Played = { in: '', loop: '', out: '' };

/** Edits after which another part is looked at: the one they make, or the one there was under its new name; none once it is gone. */
const LEADS_ON: EditWhat[] = [
  'ADD_PART',
  'REMOVE_PART',
  'RENAME_PART',
  'DUPLICATE_PART',
  'DUPLICATE_WITH_FIELDS',
  'COPY_AS_ROWS',
  'GROUP_PARTS',
  'COPY_MOVES',
  'LINK_MOVES',
];

/** ms after the last change. */
const DRAFT_AFTER = 1200;

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
  phaseShown = $state<Phase>();
  /** How many times as wide as the window the score is. */
  zoom = $state(1);
  /** Frames that are played round and round. */
  range = $state.raw<{ phase: Phase; from: number; to: number }>();
  /** Where the range was marked, in whatever order. */
  #marked: { phase: Phase; begin?: number; end?: number } | undefined;
  /** Along which axis the next edge that is pointed at is what the part hangs on. */
  pointing = $state<Axis>();
  fonts = $state.raw<FontInfo[]>([]);
  fault = $state('');
  saving = $state(false);
  /** When what is at hand was last kept as a draft. */
  draftKept = $state('');
  /** What was opened instead of what is saved. */
  opened = $state('');
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
  #draftDue: ReturnType<typeof setTimeout> | undefined;
  /** A style that is looked at on a part but not chosen. */
  #previewing = false;
  #working = false;

  /** The whole design, as it is saved. */
  design = $derived(this.history.present);
  /** What is looked at whatever the case table says. */
  pinned = $state.raw<Played>();
  /** What is on air when the graphic is taken. */
  onAir = $state<Standing>('NOTHING');
  /** A fault that is pointed out in the picture. */
  pointedOut = $state.raw<Finding>();
  /** The filling that shows it, and all it was proved with. */
  pointedWith = $state.raw<{ filling: Filling; all: Filling[] }>();
  /** The proof it was opened from. */
  pointedFrom = $state('');
  /** What would mend it. */
  mending = new Mending();
  /** The design as it was last worked out, with what is played for the values at hand. */
  #seen = $state.raw<Seen>();
  #isSeen = $derived(this.#seen !== undefined && this.#seen.design === this.design);
  /** The variants that are played for the values at hand. */
  played = $derived(this.#isSeen ? this.#seen!.played : PLAIN);
  /** The design with the variants that are played in the place of its phases; changes land where they belong. */
  document = $derived(this.#isSeen ? this.#seen!.document : this.design);
  chosenParts = $derived([this.selected, ...this.others].filter((key) => key));
  part = $derived(this.document?.parts?.find(({ key }) => key === this.selected));
  move = $derived(
    this.moves[0] &&
      movesOf(this.document, this.moves[0].phase).find(({ key }) => key === this.moves[0]!.key),
  );
  trials = $derived(this.document?.trials ?? []);
  mirrored = $derived(this.worked?.mirrored ?? false);
  unsaved = $derived(!!this.stored && this.design !== this.stored.document);
  /** Whether the values at hand are other ones than those of the trial they came from. */
  valuesChanged = $derived(!sameValues(this.values, this.trials[this.trial]?.values ?? {}));

  async load(id: number): Promise<void> {
    try {
      const [stored, kept] = await Promise.all([graphic(id), draft(id)]);
      // Changes are judged against the revision they were made to.
      const changed = kept && kept.basedOn !== stored.revision ? await revision(id, kept.basedOn) : stored;
      this.open(changed);
      if (kept) this.#openDraft(kept.document, timeOf(kept.savedAt));
      this.fonts = await shippedFonts();
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
    this.#keepDraftSoon();
    void this.workOutTrials();
  }

  open(stored: StoredGraphic): void {
    this.stored = stored;
    this.pinned = undefined;
    this.putAway();
    this.history.begin(stored.document);
    this.conflict = undefined;
    this.fault = '';
    this.trial = stored.document.trials?.length ? 0 : -1;
    this.values = sampleValues(stored.document);
    this.selected ||= stored.document.parts?.at(-1)?.key ?? '';
    void this.workOutTrials();
    void this.workOutValues().then(() => this.toRest());
  }

  /** Changes the whole design, whatever is looked at of it: its cases and variants. */
  changeDesign(edit: (design: Graphic) => Graphic | Promise<Graphic>): Promise<void> {
    return this.#change(() => this.design, edit, PLAIN);
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
    this.pointedOut = finding;
    if (finding.part) this.choose(finding.part);
    await this.workOutValues();
    this.phaseAt(finding.phase, finding.frame);
    if (!finding.accepted) this.askMends();
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

  useTrial(index: number): void {
    const trial = this.trials[index];
    if (!trial) return;
    this.trial = index;
    this.values = { ...trial.values };
    this.putAway();
    this.#followCases();
    const known = this.pinned ? undefined : this.trialsWorked[index];
    // With the same variants it is looked at in the same way.
    const [now, then] = [this.played, known?.played ?? PLAIN];
    if (known && now.in === then.in && now.loop === then.loop && now.out === then.out) this.#show(known);
    else void this.workOutValues();
  }

  /** @param seen the design it was worked out of; missing where that is not made, only looked at */
  #show(worked: Worked, seen?: Seen): void {
    this.worked = worked;
    if (seen) this.#seen = seen;
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
      while (this.#asked && this.design) {
        this.#asked = false;
        const seen = await workOutSeen(this.design, [this.values], this.#options());
        const worked = seen.worked[0]!;
        await ready([worked.reel]);
        if (!this.#asked) this.#show(worked, seen);
        this.fault = '';
      }
    } catch (error) {
      this.fault = (error as Error).message;
    } finally {
      this.#working = false;
    }
  }

  #options(): WorkOptions {
    return { onAir: this.onAir, played: this.pinned };
  }

  async workOutTrials(): Promise<void> {
    if (!this.design) return;
    try {
      const worked = await workOut(
        this.design,
        this.trials.map((trial) => trial.values),
        { onAir: this.onAir },
      );
      await ready(worked.map(({ reel }) => reel));
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
    return this.#change(() => this.document, edit, undefined, afterwards);
  }

  /** @param seenAs what is played in what is changed; missing for what is looked at when it is changed */
  #change(
    before: () => Graphic | undefined,
    edit: (document: Graphic) => Graphic | Promise<Graphic>,
    seenAs?: Played,
    afterwards = () => {},
  ): Promise<void> {
    this.changing += 1;
    const act = actNow();
    const done = this.#changes.then(async () => {
      let asked: Graphic | undefined;
      try {
        const document = before();
        if (!document) return;
        const played = seenAs ?? this.played;
        asked = document;
        const edited = await edit(document);
        asked = edited;
        const trials = (edited.trials ?? []).map((trial) => trial.values);
        const seen = await workOutSeen(edited, [this.values, ...trials], {
          ...this.#options(),
          seenAs: played,
        });
        const [worked, ...ofTrials] = seen.worked;
        await ready(seen.worked.map(({ reel }) => reel));
        this.history.change(seen.design, act);
        this.#previewing = false;
        this.#keepDraftSoon();
        afterwards();
        const atRest = this.moment.phase === 'IN' && this.moment.frame === this.worked?.reel.in;
        this.#show(worked!, seen);
        if (atRest) this.toRest();
        this.trialsWorked = ofTrials;
        this.refusal = '';
      } catch (error) {
        this.refusal = inWords((error as Error).message, asked);
        // Whoever is still typing is not disturbed.
        if (act === undefined || act !== actNow()) this.refusals += 1;
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
        if (LEADS_ON.includes(edit.what)) next = edited.part;
        return edited.document;
      },
      () => {
        if (edit.what === 'RENAME_PART') this.#renamed[edit.key] = next;
        // What was removed is not chosen any more; nor is anything in its place, lest a second key removes that as well.
        if (edit.what === 'REMOVE_PART') this.others = this.others.filter((key) => key !== edit.key);
        // Whoever has chosen another part in the meantime keeps it.
        if (this.selected === before) this.selected = next;
      },
    );
  }

  /** Moves the selected part by so many px of the picture: the offsets of its places change, or of its parts' places. */
  movePart(x: number, y: number): Promise<void> {
    const [mirrored, key] = [this.mirrored, this.selected];
    return this.change((document) => {
      const across = movedParts(document.parts ?? [], key, 'x', x, mirrored);
      return { ...document, parts: movedParts(across, key, 'y', y, mirrored) };
    });
  }

  /**
   * Pulls sides of the selected part by px of the picture as designed.
   *
   * @param x which side, -1 for the left, 1 for the right, and how far
   * @param y likewise from top to bottom
   */
  pullPart(x: { side: number; by: number }, y: { side: number; by: number }): Promise<void> {
    return this.#changePart(this.selected, (part) => {
      const across = x.side ? pulled(part, 'x', x.side < 0 ? x.by : 0, x.side > 0 ? x.by : 0) : undefined;
      const down = y.side ? pulled(part, 'y', y.side < 0 ? y.by : 0, y.side > 0 ? y.by : 0) : undefined;
      return {
        ...part,
        ...(across && { width: across.size, x: across.place }),
        ...(down && { height: down.size, y: down.place }),
      };
    });
  }

  #changeTrials(trials: Trial[]): void {
    if (!this.design) return;
    const design = { ...this.design, trials };
    if (this.#isSeen) this.#seen = { ...this.#seen!, design, document: { ...this.#seen!.document, trials } };
    this.history.change(design);
    this.#keepDraftSoon();
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

  /** Shows the graphic with an edit that is not made, and resolves with how long its phase is; without one, as it is. */
  async previewEdit(edit?: Edit): Promise<boolean> {
    const document = this.document;
    if (!document || (!edit && !this.#previewing)) return false;
    this.#previewing = edit !== undefined;
    try {
      const tried = edit ? (await editGraphic(document, this.values, edit)).document : document;
      const [worked] = await workOut(tried, [this.values], { ...this.#options(), seenAs: this.played });
      await ready([worked!.reel]);
      if (this.#previewing !== (edit !== undefined) || this.document !== document) return false;
      this.#show(worked!);
      return true;
    } catch {
      return false;
    }
  }

  /** Shows the values at hand with some changes to a part that are not made; without any, as it is. */
  async preview(changes?: Partial<Part>): Promise<void> {
    const document = this.document;
    if (!document || (!changes && !this.#previewing)) return;
    this.#previewing = changes !== undefined;
    const parts = (document.parts ?? []).map((part) =>
      changes && part.key === this.selected ? { ...part, ...changes } : part,
    );
    try {
      const tried = { ...document, parts };
      const [worked] = await workOut(tried, [this.values], { ...this.#options(), seenAs: this.played });
      await ready([worked!.reel]);
      if (this.#previewing === (changes !== undefined) && this.document === document) this.#show(worked!);
    } catch {
      // What cannot be shown is refused with its reason when it is chosen.
    }
  }

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

  /** Chooses a move and its part, alone or together with those that are chosen. */
  chooseMove(move: MoveRef, part: string, together = false): void {
    this.choices += 1;
    this.phaseShown = undefined;
    this.selected = part;
    this.others = [];
    const others = this.moves.filter(({ phase, key }) => phase !== move.phase || key !== move.key);
    this.moves = together ? (others.length < this.moves.length ? others : [...others, move]) : [move];
  }

  choosePhase(phase: Phase): void {
    this.choices += 1;
    this.moves = [];
    this.phaseShown = this.phaseShown === phase ? undefined : phase;
  }

  changeMoves(phase: Phase, rule: (moves: Move[]) => Move[]): Promise<void> {
    return this.change((document) => withMoves(document, phase, rule));
  }

  /** Changes every move that is chosen, in one act; of a linked copy, the one it is linked to. */
  changeChosen(changes: (move: Move) => Partial<Move>): Promise<void> {
    const chosen = byPhase(this.moves);
    return this.change((document) =>
      chosen.reduce(
        (changed, [phase, keys]) =>
          withMoves(changed, phase, (moves) => {
            const originals = moves.flatMap(({ key, like }) => (keys.includes(key) && like ? [like] : []));
            return moves.map((move) =>
              !move.like && (keys.includes(move.key) || originals.includes(move.key))
                ? { ...move, ...changes(move) }
                : move,
            );
          }),
        document,
      ),
    );
  }

  /** Removes every move that is chosen, in one act. */
  removeMoves(): Promise<void> {
    const chosen = byPhase(this.moves);
    this.moves = [];
    return this.change(async (document) => {
      let left = document;
      for (const [phase, keys] of chosen) {
        const edit: Edit = { what: 'REMOVE_MOVES', key: '', keys, phase: PHASE_KEYS[phase] };
        left = (await editGraphic(left, this.values, edit)).document;
      }
      return left;
    });
  }

  async renameMove(to: string): Promise<void> {
    const move = this.moves[0];
    if (!move || to === move.key) return;
    await this.edit({ what: 'RENAME_MOVE', key: move.key, newName: to, phase: PHASE_KEYS[move.phase] });
    if (!this.refusal) this.moves = [{ ...move, key: to }];
  }

  /** To the next frame of the phase at which something begins or ends, or the one before. */
  toKey(forwards: boolean): void {
    const frames = keyFrames(this.worked?.bars ?? [], this.moment.phase);
    const { phase, frame } = this.moment;
    const found = forwards ? frames.find((key) => key > frame) : frames.filter((key) => key < frame).at(-1);
    if (found !== undefined) this.phaseAt(phase, found);
  }

  /** The moment at hand is where the range begins or ends. */
  markRange(end: boolean): void {
    const { phase, frame } = this.moment;
    const other = this.#marked?.phase === phase ? (end ? this.#marked.begin : this.#marked.end) : undefined;
    this.#marked = { phase, begin: end ? other : frame, end: end ? frame : other };
    const from = other ?? (end ? 0 : length(this.worked!.reel, phase));
    this.#range(phase, from, frame);
  }

  /** Pulls the end of the range, or its beginning, to a frame; they may pass each other. */
  setRange(end: boolean, frame: number): void {
    if (!this.range || !this.worked) return;
    const { phase, from, to } = this.range;
    const within = Math.max(0, Math.min(length(this.worked.reel, phase), frame));
    // One frame at least is left of it.
    if (within === (end ? from : to)) return;
    this.#marked = undefined;
    this.#range(phase, end ? from : within, end ? within : to);
  }

  dropRange(): void {
    this.range = undefined;
    this.#marked = undefined;
  }

  #range(phase: Phase, one: number, other: number): void {
    this.range = one === other ? undefined : { phase, from: Math.min(one, other), to: Math.max(one, other) };
  }

  /** The reel for leaving from a moment of in or loop, as it is worked out by the server. */
  async leaving(moment: Moment): Promise<Worked | undefined> {
    if (!this.design) return undefined;
    const { phase, frame, looped, share } = moment;
    const leaves = { phase, frame, looped, share };
    const [worked] = await workOut(this.design, [this.values], { ...this.#options(), leaves });
    return worked;
  }

  group(): void {
    if (this.chosenParts.length > 0) void this.edit({ what: 'GROUP_PARTS', key: '', keys: this.chosenParts });
    this.others = [];
  }

  /** A draft is kept a little after the last change, so that nothing is lost with the page. */
  #keepDraftSoon(): void {
    this.draftKept = '';
    clearTimeout(this.#draftDue);
    this.#draftDue = setTimeout(() => void this.keepDraft(), DRAFT_AFTER);
  }

  async keepDraft(): Promise<void> {
    clearTimeout(this.#draftDue);
    if (!this.stored || !this.design || this.saving) return;
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

  undo(): void {
    this.history.undo();
    this.#afterHistory();
  }

  redo(): void {
    this.history.redo();
    this.#afterHistory();
  }

  #afterHistory(): void {
    this.#keepDraftSoon();
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
    try {
      const design = this.design;
      const saved = await saveGraphic(this.stored.id, basedOn, design);
      // The document at hand stays the same object, so that nothing on screen is made anew.
      this.stored = { ...saved, document: design };
      clearTimeout(this.#draftDue);
      this.draftKept = '';
      this.opened = '';
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
