import { editGraphic, workOut, workOutSeen, type Edit, type Seen, type WorkOptions } from '../api/client';
import { newDial, otherValue, valueAt, type Piece } from '../dials/offer';
import { changed } from '../dials/places';
import { settled } from '../dials/settle';
import type {
  Dial,
  EditWhat,
  Field,
  Graphic,
  Move,
  Part,
  Played,
  Standing,
  Values,
  Worked,
} from '../api/types';
import { within, type AnyPhase } from '../player/moment';
import { ready } from '../api/ready';
import { actNow } from './acts';
import { Choice } from './choice.svelte';
import { movedParts, pulled } from './handles';
import { hangingOn } from './members';
import { History } from './history.svelte';
import { byPhase, movesOf, PHASE_KEYS, withMoves } from './moves';
import { inWords } from '../api/pathWords';
import { Problem } from '../api/problem';
import { rebased } from './rebase';

type Rule = (document: Graphic) => Graphic | Promise<Graphic>;

/** Of a part, or what they are of it as it is by then. */
export type PartChanges = Partial<Part> | ((now: Part) => Partial<Part>);

/** The phases themselves. */
export const PLAIN: Played = { in: '', loop: '', out: '', swap: '' };

/** Edits after which another part is looked at: the one they make, or the one there was under its new name; none once it is gone. */
const LEADS_ON: EditWhat[] = [
  'ADD_PART',
  'REMOVE_PART',
  'UNGROUP',
  'RENAME_PART',
  'DUPLICATE_PART',
  'DUPLICATE_WITH_FIELDS',
  'COPY_AS_ROWS',
  'GROUP_PARTS',
  'COPY_MOVES',
  'LINK_MOVES',
];

/**
 * The design at hand, what is worked out of it, and changes of it: one after the other, each worked out before it counts, and each one
 * step of undo.
 */
export abstract class Editing extends Choice {
  /** Told after every change that was taken. */
  protected abstract keepDraftSoon(): void;

  history = new History<Graphic>();
  values = $state<Values>({});
  /** What is set of dials while it is looked at; what is missing is as designed. */
  dials = $state<Values>({});
  /** Key of the dial that was offered last. */
  offered = $state('');
  /** Whom a change is told instead of being made. */
  #tried: ((edit: Rule) => void) | undefined;
  /** One for each trial of the document. */
  trialsWorked = $state.raw<Worked[]>([]);
  fault = $state('');
  /** Why the last change was refused; empty once one is taken again. */
  refusal = $state('');
  /** What the last edit could not keep exactly, each in words. */
  rounded = $state.raw<string[]>([]);
  /** Texts that the last edit made smaller than any style of the house, each in words. */
  small = $state.raw<string[]>([]);
  /** Parts that are about to be removed, and those that hang on them. */
  removal = $state.raw<{ keys: string[]; hanging: string[] }>();
  /** Grows with each refusal, so that what was typed can be put back. */
  refusals = $state(0);
  /** How many changes are being worked out. */
  changing = $state(0);
  #changes: Promise<unknown> = Promise.resolve();
  /** Names that parts had before, and have now. */
  #renamed: Record<string, string> = {};
  #asked = false;
  #trialsAsked = 0;
  /** A style that is looked at on a part but not chosen. */
  #previewing = false;
  #working = false;
  /** The whole design, as it is saved. */
  design = $derived(this.history.present);
  /** What is looked at whatever the case table says. */
  pinned = $state.raw<Played>();
  /** What is on air when the graphic is taken. */
  onAir = $state<Standing>('NOTHING');
  /** The design as it was last worked out, with what is played for the values at hand. */
  protected seen = $state.raw<Seen>();
  protected isSeen = $derived(this.seen !== undefined && this.seen.design === this.design);
  /** The variants that are played for the values at hand. */
  played = $derived(this.isSeen ? this.seen!.played : PLAIN);
  /** The design with the variants that are played in the place of its phases; changes land where they belong. */
  document = $derived(this.isSeen ? this.seen!.document : this.design);
  /** The colours that the graphic makes, by name, as they were last worked out. */
  colours = $derived(this.seen?.colours ?? {});
  part = $derived(this.document?.parts?.find(({ key }) => key === this.selected));
  move = $derived(
    this.moves[0] &&
      movesOf(this.document, this.moves[0].phase).find(({ key }) => key === this.moves[0]!.key),
  );

  trials = $derived(this.document?.trials ?? []);
  mirrored = $derived(this.worked?.mirrored ?? false);
  /** Changes the whole design, whatever is looked at of it: its cases and variants. */
  changeDesign(edit: (design: Graphic) => Graphic | Promise<Graphic>): Promise<void> {
    return this.#change(() => this.design, edit, PLAIN);
  }

  /** @param seen the design it was worked out of; missing where that is not made, only looked at */
  protected show(worked: Worked, seen?: Seen): void {
    const before = this.worked?.reel;
    this.worked = worked;
    if (seen) this.seen = seen;
    if (this.moment.change) return;
    const moment = within(worked.reel, this.moment, before);
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
        const { design } = this;
        const seen = await workOutSeen(design, [this.values], this.options());
        const worked = seen.worked[0]!;
        await ready([worked.reel]);
        // A change may have been taken meanwhile.
        if (this.design !== design) this.#asked = true;
        if (!this.#asked) this.show(worked, seen);
        this.fault = '';
      }
    } catch (error) {
      this.fault = (error as Error).message;
    } finally {
      this.#working = false;
    }
  }

  /** Works everything out anew, as the house is now. */
  async takeHouse(): Promise<void> {
    await this.workOutValues();
    await this.workOutTrials();
  }

  protected options(): WorkOptions {
    return { onAir: this.onAir, played: this.pinned, dials: this.dials };
  }

  async workOutTrials(): Promise<void> {
    if (!this.design) return;
    const asked = ++this.#trialsAsked;
    try {
      const worked = await workOut(
        this.design,
        this.trials.map((trial) => trial.values),
        { onAir: this.onAir, dials: this.dials },
      );
      await ready(worked.map(({ reel }) => reel));
      if (asked === this.#trialsAsked) this.trialsWorked = worked;
    } catch (error) {
      this.fault = (error as Error).message;
    }
  }

  /**
   * Changes the document. Changes wait for each other, and each is worked out before it counts: one that cannot be, such as a
   * circle, is refused with the reason and changes nothing. Of what a change makes of the document only what it changes in what is drawn
   * now is taken, so that it may send whole sentences.
   *
   * @param edit without effects, as it may be asked twice
   * @param afterwards done together with a change that is taken
   */
  change(edit: (document: Graphic) => Graphic | Promise<Graphic>, afterwards = () => {}): Promise<void> {
    return this.#change(() => this.document, edit, undefined, afterwards);
  }

  /** Does something after the changes that are on their way. */
  protected async inTurn<T>(act: () => T | Promise<T>): Promise<T> {
    if (this.changing === 0) return act();
    const done = this.#changes.then(act);
    this.#changes = done.catch(() => {});
    return done;
  }

  /** What is filled in to a field that has just been made, so that something is seen of it. */
  protected filledIn(field: Field): string {
    return field.sample ?? '';
  }

  #fillIn(before: Graphic, after: Graphic): void {
    const had = (before.fields ?? []).map(({ key }) => key);
    const made = (after.fields ?? []).filter(({ key }) => !had.includes(key) && !(key in this.values));
    if (made.length === 0) return;
    this.values = {
      ...this.values,
      ...Object.fromEntries(made.map((field) => [field.key, this.filledIn(field)])),
    };
  }

  /** What it is looked at with. */
  #looked(): string {
    return JSON.stringify([this.values, this.dials]);
  }

  /** @param seenAs what is played in what is changed; missing for what is looked at when it is changed */
  #change(
    before: () => Graphic | undefined,
    edit: Rule,
    seenAs?: Played,
    afterwards = () => {},
  ): Promise<void> {
    if (this.#tried) {
      this.#tried(edit);
      return Promise.resolve();
    }
    this.changing += 1;
    const act = actNow();
    const drawn = before();
    const done = this.#changes.then(async () => {
      let asked: Graphic | undefined;
      try {
        const document = before();
        if (!document || !drawn) return;
        const played = seenAs ?? this.played;
        asked = document;
        const made = edit(document);
        // What it was made to may have been changed meanwhile, by a change that was on its way.
        const late = !(made instanceof Promise) && document !== drawn;
        const edited = settled(
          document,
          late ? rebased(drawn, edit(drawn) as Graphic, document, made) : await made,
        );
        asked = edited;
        const trials = (edited.trials ?? []).map((trial) => trial.values);
        const looked = this.#looked();
        const seen = await workOutSeen(edited, [this.values, ...trials], {
          ...this.options(),
          seenAs: played,
        });
        const [worked, ...ofTrials] = seen.worked;
        await ready(seen.worked.map(({ reel }) => reel));
        this.history.change(seen.design, act);
        this.#fillIn(document, seen.design);
        this.#previewing = false;
        this.keepDraftSoon();
        afterwards();
        this.show(worked!, seen);
        this.#trialsAsked++;
        this.trialsWorked = ofTrials;
        // Somebody may have filled in something else meanwhile.
        if (looked !== this.#looked()) {
          void this.workOutValues();
          void this.workOutTrials();
        }
        this.refusal = '';
      } catch (error) {
        this.refusal = inWords(error instanceof Problem ? error.detail : (error as Error).message, asked);
        // Whoever is still typing is not disturbed.
        if (act === undefined || act !== actNow()) this.refusals += 1;
      } finally {
        this.changing -= 1;
      }
    });
    this.#changes = done;
    return done;
  }

  changePart(key: string, changes: PartChanges): Promise<void> {
    return this.#changePart(key, (part) => ({
      ...part,
      ...(typeof changes === 'function' ? changes(part) : changes),
    }));
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
    let rounded: string[] = [];
    let small: string[] = [];
    return this.change(
      async (document) => {
        const edited = await editGraphic(document, this.values, edit);
        if (LEADS_ON.includes(edit.what)) next = edited.part;
        rounded = edited.rounded;
        small = edited.small;
        return edited.document;
      },
      () => {
        this.rounded = rounded;
        this.small = small;
        if (edit.what === 'RENAME_PART') this.#renamed[edit.key] = next;
        // What was removed is not chosen any more; nor is anything in its place, lest a second key removes that as well.
        if (edit.what === 'REMOVE_PART') this.others = [];
        // Whoever has chosen another part in the meantime keeps it.
        if (this.selected === before && next !== before) {
          this.selected = next;
          this.others = [];
        }
      },
    );
  }

  /**
   * Moves the selected part by so many px of the picture: the offsets of its places change, or of its parts' places.
   *
   * @param digits after the point of the offsets it has then
   */
  movePart(x: number, y: number, digits?: number): Promise<void> {
    const [mirrored, key] = [this.mirrored, this.selected];
    return this.change((document) => {
      const across = movedParts(document.parts ?? [], key, 'x', x, mirrored, digits);
      return { ...document, parts: movedParts(across, key, 'y', y, mirrored, digits) };
    });
  }

  /**
   * Pulls sides of the selected part by px of the picture as designed.
   *
   * @param x which side, -1 for the left, 1 for the right, and how far
   * @param y likewise from top to bottom
   */
  pullPart(x: { side: number; by: number }, y: { side: number; by: number }, digits?: number): Promise<void> {
    return this.#changePart(this.selected, (part) => {
      const across = x.side
        ? pulled(part, 'x', x.side < 0 ? x.by : 0, x.side > 0 ? x.by : 0, digits)
        : undefined;
      const down = y.side
        ? pulled(part, 'y', y.side < 0 ? y.by : 0, y.side > 0 ? y.by : 0, digits)
        : undefined;
      return {
        ...part,
        ...(across && { width: across.size, x: across.place }),
        ...(down && { height: down.size, y: down.place }),
      };
    });
  }

  /** Shows the graphic with an edit that is not made, and resolves with how long its phase is; without one, as it is. */
  async previewEdit(edit?: Edit): Promise<boolean> {
    const document = this.document;
    if (!document || (!edit && !this.#previewing)) return false;
    this.#previewing = edit !== undefined;
    try {
      const tried = edit ? (await editGraphic(document, this.values, edit)).document : document;
      const [worked] = await workOut(tried, [this.values], { ...this.options(), seenAs: this.played });
      await ready([worked!.reel]);
      if (this.#previewing !== (edit !== undefined) || this.document !== document) return false;
      this.show(worked!);
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
      const [worked] = await workOut(tried, [this.values], { ...this.options(), seenAs: this.played });
      await ready([worked!.reel]);
      if (this.#previewing === (changes !== undefined) && this.document === document) this.show(worked!);
    } catch {
      // What cannot be shown is refused with its reason when it is chosen.
    }
  }

  /** Offers a piece of a sentence to operators as a dial; one that is offered is taken back. What it sets is seen by trying it. */
  async offer(piece: Piece): Promise<void> {
    await this.#changes;
    const document = this.document;
    if (!document) return;
    const sent = otherValue(piece);
    const tries: Rule[] = [];
    this.#tried = (edit) => tries.push(edit);
    piece.change(sent);
    this.#tried = undefined;
    // What is not of the document is as it was.
    if (tries.length === 0) piece.change(piece.value);
    const tried = tries.length === 1 ? changed(document, await tries[0]!(document)) : [];
    const value = valueAt(piece, tried, sent);
    if (value === undefined) {
      this.refusal = `${piece.label} is worked out from others, or is not of the picture; it cannot be offered.`;
      return;
    }
    const sets = tried.map(({ place }) => place);
    const has = document.dials?.find((dial) => sets.every((place) => dial.sets.includes(place)));
    if (has) {
      await this.changeDial(has.key, (dial) => ({
        ...dial,
        sets: dial.sets.filter((place) => !sets.includes(place)),
      }));
      return;
    }
    const chosen = this.move?.key ?? this.part?.key ?? '';
    const of = sets.some((place) => place.includes(`/${chosen}/`)) ? chosen : '';
    const dial = newDial(piece, value, sets, document.dials ?? [], of);
    this.offered = dial.key;
    await this.change((now) => ({ ...now, dials: [...(now.dials ?? []), dial] }));
  }

  /** Changes a dial; one that sets nothing any more is gone. */
  changeDial(key: string, rule: (dial: Dial) => Dial): Promise<void> {
    return this.change((document) => ({
      ...document,
      dials: document.dials?.map((dial) => (dial.key === key ? rule(dial) : dial)),
    }));
  }

  /** Looks at everything with a dial set so; a blank setting is as designed. */
  setDial(key: string, setting: string): void {
    const others = { ...this.dials };
    delete others[key];
    this.dials = setting ? { ...others, [key]: setting } : others;
    void this.workOutValues();
    void this.workOutTrials();
  }

  changeMoves(phase: AnyPhase, rule: (moves: Move[]) => Move[]): Promise<void> {
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

  /** Says why something is not done, and puts back what was typed. */
  refuse(why: string): void {
    this.refusal = why;
    this.refusals += 1;
  }

  /** Removes parts, with all that is in groups; where others hang on them it is asked first what those do. */
  remove(keys = this.chosenParts): void {
    if (keys.length === 0) return;
    const hanging = hangingOn(this.document?.parts ?? [], keys);
    if (hanging.length > 0) this.removal = { keys, hanging };
    else this.removeNow(keys, false);
  }

  /** @param keeps whether what hung on them stays where it is seen */
  removeNow([key, ...keys]: string[], keeps: boolean): void {
    this.removal = undefined;
    void this.edit({ what: 'REMOVE_PART', key: key!, keys, keeps });
  }

  group(): void {
    if (this.chosenParts.length > 0) void this.edit({ what: 'GROUP_PARTS', key: '', keys: this.chosenParts });
    this.others = [];
  }
}
