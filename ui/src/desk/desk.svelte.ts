import { sameValues } from '../floor/values';
import { berthOf } from '../air/stack';
import { acceptWord, readPeople, spellingOf, spellingOfSheet } from '../api/filling';
import type {
  AirFilling,
  Cue,
  CueCheck,
  CueSpelling,
  FilledIn,
  People,
  SheetEdit,
  Unknown,
  Values,
} from '../api/types';
import { corrected } from './corrected';
import { check, fillingOf, leaveChecks, workedOut } from './checks';
import { mayOperate } from '../session/may.svelte';
import { FollowedFeed } from './feed.svelte';
import { besidesFeed, followed } from './followed';
import { OnAir } from './onAir.svelte';
import { SheetKeeper } from './sheet.svelte';
import { differences, few, isolated, nameOf } from './words';

/** ms after the last letter until what is typed is kept. */
const KEEP_MS = 400;
const CHECK_MS = 200;
/** ms for which marks of cues are gathered. */
const TELL_MS = 100;
/** Controls but for tabs and ends of lines, and what turns the direction of what follows: nobody sees them, and none may be on air. */
const UNSEEN = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\u202a-\u202e]/g;
const NOBODY: People = { revision: 0, columns: [], rows: [] };
const MAIN = 1;
const REHEARSAL = 2;

/** The desk: a cue sheet, the cue that is filled in, and what is on air. */
export class Desk {
  readonly sheet = new SheetKeeper();
  readonly air = new OnAir(MAIN, {
    onsheet: (sheet) => this.sheet.heard(sheet),
    onpeople: () => void this.readPeople(),
  });
  /** Where acts go while nothing may leave the preview; undefined while they go on air. */
  rehearsal = $state.raw<OnAir>();
  /** Id of the cue whose form is shown. */
  selected = $state<string>();
  /** What is filled in, as typed. */
  values = $state.raw<Values>({});
  /** What is set of dials; what is missing is as designed. */
  dials = $state.raw<Values>({});
  /** The feed that the cue follows. */
  readonly feed = new FollowedFeed();
  worked = $state.raw<FilledIn>();
  checked = $state.raw<CueCheck>();
  /** What letters nobody could read if it were taken now, in sentences. */
  covers = $state.raw<string[]>([]);
  /** What the check of each cue came to, by id. */
  checks = $state.raw<Record<string, CueCheck>>({});
  /** The berth that step and out are about, if it was chosen. */
  chosen = $state<string>();
  fault = $state('');
  people = $state.raw<People>();
  /** Words of the form that no dictionary has. */
  unknown = $state.raw<Unknown[]>([]);
  /** Those of the whole sheet, by cue. */
  spelling = $state.raw<CueSpelling[]>([]);
  #dirty = false;
  #keeping: ReturnType<typeof setTimeout> | undefined;
  #checking: ReturnType<typeof setTimeout> | undefined;
  #asked = 0;
  /** Checks that are not shown yet. */
  #found: Record<string, CueCheck> = {};
  #telling: ReturnType<typeof setTimeout> | undefined;
  /** The field that is typed in, and how many times what is typed in it was kept. */
  #run: { field: string; kept: number; ends: boolean } | undefined;

  cue = $derived(this.sheet.cues.find(({ id }) => id === this.selected));
  graphic = $derived(this.sheet.graphicOf(this.cue));
  /** What becomes of what is filled in with what the feed says. */
  follows = $derived(followed(this.cue?.follow ?? undefined, this.values, this.feed.now));
  filled = $derived(this.follows.values);
  /** Where acts go. */
  acting = $derived(this.rehearsal ?? this.air);
  /** What the acts step, change and out are about: what was chosen, what stands where the cue would, or what came last. */
  target = $derived.by(() => {
    const all = this.acting.standing.filter(({ leaves }) => !leaves);
    const berth = berthOf(this.graphic);
    return all.find((one) => one.berth === this.chosen) ?? all.find((one) => one.berth === berth) ?? all[0];
  });
  /** Where the in waits or has steps to come: the target, or what came last. */
  stepping = $derived.by(() => {
    const all = this.acting.standing.filter(({ next, leaves }) => next !== undefined && !leaves);
    return all.find(({ berth }) => berth === this.target?.berth) ?? all[0];
  });
  /** Cues on air whose texts are others by now; the one in the form first. */
  changes = $derived.by(() => {
    const found = this.acting.standing.flatMap((on) => {
      const cue = this.sheet.cues.find(({ id }) => id === on.play.shows.cue);
      if (!cue || on.leaves || cue.graphic !== on.play.shows.graphic) return [];
      if (cue.revision !== on.play.shows.revision) return [];
      const { shows } = on.play;
      const isShown = cue.id === this.selected;
      const values = besidesFeed(cue, isShown ? this.values : cue.values, shows.values);
      const dials = isShown ? this.dials : cue.dials;
      const { fields = [], dials: offered = [] } = this.sheet.graphicOf(cue) ?? {};
      const what = [
        ...differences(fields, values, shows.values),
        ...differences(offered, dials, shows.dials),
      ];
      return what.length > 0 ? [{ on, cue, values, dials, what: few(what) }] : [];
    });
    return found.sort(
      (one, other) => Number(other.cue.id === this.selected) - Number(one.cue.id === this.selected),
    );
  });
  counts = $derived.by(() => {
    const all = this.sheet.cues.map(({ id }) => this.checks[id]?.standing);
    const count = (standing: CueCheck['standing']) => all.filter((one) => one === standing).length;
    return { sound: count('SOUND'), doubtful: count('DOUBTFUL'), unfilled: count('NOT_FILLABLE') };
  });

  leave(): void {
    void this.keep();
    leaveChecks();
    clearTimeout(this.#telling);
    this.air.leave();
    this.feed.leave();
    this.rehearsal?.leave();
  }

  /** Begins a rehearsal, or goes on with the last one; or ends it. */
  rehearse(): void {
    if (this.rehearsal) {
      this.rehearsal.leave();
      this.rehearsal = undefined;
      return;
    }
    this.rehearsal = new OnAir(REHEARSAL);
    this.chosen = undefined;
  }

  select(id: string | undefined): void {
    if (id === this.selected) return;
    void this.keep();
    this.#run = undefined;
    this.selected = id;
    this.chosen = undefined;
    this.values = this.cue?.values ?? {};
    this.dials = this.cue?.dials ?? {};
    this.feed.follow(this.cue?.follow?.feed);
    this.worked = undefined;
    this.checked = undefined;
    this.covers = [];
    this.unknown = [];
    this.#changed();
  }

  /** The cue so many places further on in the sheet. */
  move(by: number): void {
    const place = this.sheet.cues.findIndex(({ id }) => id === this.selected);
    const next =
      this.sheet.cues[place < 0 ? 0 : Math.max(0, Math.min(this.sheet.cues.length - 1, place + by))];
    if (next) this.select(next.id);
  }

  type(field: string, text: string): void {
    if (this.#run?.field !== field) this.#run = { field, kept: 0, ends: false };
    this.#fill({ [field]: text });
  }

  /** What is typed was meant for this. Both are one change, however slowly it was typed. */
  complete(field: string, values: Values): void {
    if (this.#run?.field === field) this.#run.ends = true;
    this.#fill(values);
  }

  #fill(values: Values): void {
    const seen = Object.entries(values).map(([field, text]) => [field, text.replace(UNSEEN, '')]);
    this.values = { ...this.values, ...Object.fromEntries(seen) };
    this.#typed();
  }

  /** Sets a dial; a blank setting is as designed. */
  setDial(key: string, setting: string): void {
    this.#run = undefined;
    const dials = { ...this.dials };
    if (setting) dials[key] = setting;
    else delete dials[key];
    this.dials = dials;
    this.#typed();
  }

  #typed(): void {
    this.#dirty = true;
    clearTimeout(this.#keeping);
    this.#keeping = setTimeout(() => void this.keep(), KEEP_MS);
    this.#changed();
  }

  /** Keeps what was typed. */
  async keep(): Promise<void> {
    clearTimeout(this.#keeping);
    if (!this.#dirty || !this.selected) return;
    this.#dirty = false;
    const { selected, values, dials } = this;
    const before = this.cue?.values ?? {};
    const run = this.#run;
    const joins = run?.ends ? run.kept : 0;
    if (run?.ends) this.#run = undefined;
    else if (run) run.kept++;
    if (await this.sheet.change({ what: 'FILL', cue: selected, values, dials }, joins)) return;
    // What was refused is none of those that are taken back together.
    this.#run = undefined;
    // Nothing that was typed is lost: it can be read, and where it still stands in the form it is kept later.
    const typed = Object.keys(values).filter((key) => values[key] !== (before[key] ?? ''));
    this.sheet.refusal += ` You had typed: ${typed.map((key) => isolated(values[key] ?? '')).join(' · ')}`;
    const stands = this.selected === selected && this.values === values && this.dials === dials;
    this.#dirty = stands && !this.sheet.overtaken;
  }

  /** What the sheet has now is shown, unless something else is being typed. */
  follow(): void {
    if (!this.cue) {
      this.select(this.sheet.cues[0]?.id);
      return;
    }
    this.feed.follow(this.cue.follow?.feed);
    const { values, dials } = this.cue;
    const same = sameValues(values, this.values) && sameValues(dials, this.dials);
    // What could not be worked out while the server was away is now.
    if (this.#dirty || (same && this.worked)) return;
    this.values = values;
    this.dials = dials;
    this.#changed();
  }

  /** The feed says something else. */
  heard(): void {
    if (this.cue?.follow) this.#changed();
  }

  async edit(edit: SheetEdit): Promise<void> {
    await this.keep();
    this.#run = undefined;
    await this.sheet.change(edit);
  }

  async undo(): Promise<void> {
    await this.keep();
    this.#run = undefined;
    await this.sheet.undo();
  }

  async redo(): Promise<void> {
    await this.keep();
    this.#run = undefined;
    await this.sheet.redo();
  }

  /** The cue of the same graphic from which it changes: what stands on air, or the one before it in the sheet. */
  before = $derived.by(() => {
    const cue = this.cue;
    if (!cue) return undefined;
    const on = this.acting.standing.find(
      ({ play, leaves }) =>
        !leaves && play.shows.graphic === cue.graphic && play.shows.revision === cue.revision,
    );
    if (on)
      return {
        name: on.play.shows.cue === cue.id ? 'what is on air' : on.title,
        values: on.play.shows.values,
        dials: on.play.shows.dials,
      };
    const earlier = this.sheet.cues[this.sheet.cues.indexOf(cue) - 1];
    const same = earlier?.graphic === cue.graphic && earlier.revision === cue.revision;
    return same ? { name: `cue ${earlier.number}`, values: earlier.values, dials: earlier.dials } : undefined;
  });

  #changed(): void {
    const cue = this.cue;
    const asked = ++this.#asked;
    if (!cue) return;
    const { filled, dials } = this;
    const now = { ...cue, values: filled, dials };
    const { graphic, revision } = cue;
    const filling = {
      graphic,
      revision,
      values: filled,
      dials,
      ...(this.before && { before: this.before.values, beforeDials: this.before.dials }),
    };
    workedOut(filling, 'now')
      .then((worked) => {
        if (asked !== this.#asked) return;
        this.worked = worked;
        this.fault = '';
      })
      .catch((error: Error) => {
        if (asked === this.#asked) this.fault = error.message;
      });
    clearTimeout(this.#checking);
    this.#checking = setTimeout(() => {
      void this.lookAhead();
      const place = this.sheet.cues.findIndex(({ id }) => id === cue.id);
      check(fillingOf(now, this.sheet.cues[place - 1]), 'now')
        .then((checked) => {
          if (asked === this.#asked) this.checked = checked;
        })
        .catch(() => {
          // What cannot be worked out is said where it is shown.
        });
      spellingOf(graphic, revision, this.values)
        .then((unknown) => {
          if (asked === this.#asked) this.unknown = unknown;
        })
        .catch(() => {
          // It is asked again with the next letter.
        });
    }, CHECK_MS);
  }

  /** Every screen gets what a take of the cue would show, and it is known what that would cover. */
  async lookAhead(): Promise<void> {
    const { cue, filled, dials } = this;
    if (!cue || !mayOperate()) return;
    const asked = this.#asked;
    const covers = await this.acting.prepare(this.filling({ ...cue, values: filled, dials }));
    if (asked === this.#asked) this.covers = covers;
  }

  /** Reads the people of the house, whose names are completed. */
  async readPeople(): Promise<void> {
    this.people = await readPeople().catch(() => this.people ?? NOBODY);
  }

  /** Looks all texts of the sheet up. */
  async spell(): Promise<void> {
    const id = this.sheet.stored?.id;
    if (id !== undefined) this.spelling = await spellingOfSheet(id).catch(() => this.spelling);
  }

  /** Puts a word in the place of another in a field of a cue. */
  async correct(cue: Cue, { field, word }: Unknown, by: string): Promise<void> {
    if (cue.id === this.selected) {
      this.type(field, corrected(this.values[field] ?? '', word, by));
      await this.keep();
    } else {
      const values = { ...cue.values, [field]: corrected(cue.values[field] ?? '', word, by) };
      await this.edit({ what: 'FILL', cue: cue.id, values });
    }
    await this.spell();
  }

  /** A word is right from now on, in the whole house. */
  async accept(word: string): Promise<void> {
    try {
      await acceptWord(word);
      this.unknown = this.unknown.filter((one) => one.word !== word);
      await this.spell();
    } catch (error) {
      this.sheet.refusal = (error as Error).message;
    }
  }

  /** Checks every cue of the sheet that was not yet. */
  checkAll(): void {
    this.sheet.cues.forEach((cue, place) => {
      check(fillingOf(cue, this.sheet.cues[place - 1]))
        .then((found) => this.#tell(cue.id, found))
        .catch(() => {
          // It stays without a mark.
        });
    });
  }

  /** These are looked at, so they are checked before the others. */
  looksAt(cues: Cue[]): void {
    for (const cue of cues) {
      // What is looked at may have been sought: its neighbours in the list are not those in the sheet.
      const before = this.sheet.cues[this.sheet.cues.indexOf(cue) - 1];
      check(fillingOf(cue, before), 'soon').catch(() => {
        // It stays without a mark.
      });
    }
  }

  /** Many come at once; they are shown together. */
  #tell(id: string, found: CueCheck): void {
    if (this.checks[id] === found || this.#found[id] === found) return;
    this.#found[id] = found;
    this.#telling ??= setTimeout(() => {
      this.#telling = undefined;
      this.checks = { ...this.checks, ...this.#found };
      this.#found = {};
    }, TELL_MS);
  }

  /** What of a cue its graphic has a place for. */
  filling(cue: Cue): AirFilling {
    const { id, graphic, revision, number } = cue;
    const design = this.sheet.graphicOf(cue);
    return {
      graphic,
      revision,
      values: known(cue.values, design?.fields),
      dials: known(cue.dials, design?.dials),
      cue: id,
      number,
      ...(this.sheet.stored && { sheet: this.sheet.stored.id }),
    };
  }

  async take(): Promise<void> {
    const { cue, graphic } = this;
    if (!cue) return;
    void this.keep();
    const taken = { ...cue, values: this.filled, dials: this.dials };
    const done = await this.acting.act(
      { kind: 'TAKE', filling: this.filling(taken) },
      `take ${cue.number} ${isolated(nameOf(taken, graphic))}`,
      berthOf(graphic),
    );
    if (done) this.chosen = undefined;
  }

  async step(): Promise<void> {
    const on = this.stepping;
    if (on) await this.acting.act({ kind: 'STEP', berth: on.berth }, `step ${isolated(on.title)}`, on.berth);
  }

  async change(): Promise<void> {
    const [first] = this.changes;
    if (!first) return;
    void this.keep();
    const { on, cue, values, dials } = first;
    await this.acting.act(
      { kind: 'CHANGE', filling: this.filling({ ...cue, values, dials }) },
      `change ${isolated(on.title)}`,
      on.berth,
    );
  }

  async out(): Promise<void> {
    const on = this.target;
    if (on) await this.acting.act({ kind: 'OUT', berth: on.berth }, `out ${isolated(on.title)}`, on.berth);
  }

  async allOut(): Promise<void> {
    await this.acting.act({ kind: 'OUT' }, 'all out', undefined);
  }
}

function known(values: Values, of: { key: string }[] = []): Values {
  const keys = new Set(of.map(({ key }) => key));
  return Object.fromEntries(Object.entries(values).filter(([key]) => keys.has(key)));
}
