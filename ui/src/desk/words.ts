import { momentAt, playAt, waitingAt } from '../air/shown';
import type { AirState, BerthState, Play } from '../air/types';
import type { Cue, Graphic, Reel, Values } from '../api/types';
import { ago } from './followed';

/** What stands somewhere, in words. */
export interface StandingWords {
  berth: string;
  event: number;
  play: Play;
  /** Like "9 Heat board". */
  title: string;
  /** Like "waits at step 3 of 5". */
  says: string;
  /** What the next step brings; undefined without one. */
  next: string | undefined;
  /** Whether it has been asked to leave. */
  leaves: boolean;
  /** Like 0:42, on air, or still to go where a length is set. */
  time: string;
  countsDown: boolean;
  /** The feed it follows, or why what stands is not what that says; empty if it follows none. */
  follows: string;
  /** Whether it is the latter. */
  stale: boolean;
}

/** What keeps something on air from what its feed says, and how old what stands is. */
function stale({ fault, readAt }: NonNullable<BerthState['follows']>, now: number): string {
  return readAt ? `${fault} It was read ${ago(readAt, now)}.` : `${fault}`;
}

export function title(play: Play): string {
  const { number, name } = play.shows;
  return number ? `${number} ${name}` : name;
}

/** A name within a sentence: whatever its script, what stands beside it stays in its place. */
export function isolated(text: string): string {
  return `\u2068${text}\u2069`;
}

/** Minutes and seconds. */
export function minutes(frames: number, perSecond: number): string {
  const seconds = Math.max(0, Math.floor(frames / perSecond));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** What is shown or waits at each berth; what came last first. */
export function standing(
  state: AirState | undefined,
  frame: number,
  reelOf: (id: string) => Reel | undefined,
): StandingWords[] {
  if (!state) return [];
  const said = state.berths.flatMap((berth) => words(state, berth, frame, reelOf));
  return said.sort((one, other) => other.event - one.event);
}

function words(
  state: AirState,
  { berth, event, plays, follows }: BerthState,
  frame: number,
  reelOf: (id: string) => Reel | undefined,
): StandingWords[] {
  const waiting = waitingAt(plays, frame);
  const play = waiting ?? playAt(plays, frame);
  if (!play) return [];
  const leaves = play.leaves !== undefined && play.leaves !== null;
  const steps = reelOf(play.reel)?.steps ?? [];
  const { says, next } = saying(play, frame, steps, waiting !== undefined, reelOf);
  const { length } = play.shows;
  const on = frame - play.since;
  return [
    {
      berth,
      event,
      play,
      title: title(play),
      says,
      next,
      leaves,
      time: minutes(length ? length - on : on, state.frames / state.per),
      countsDown: length !== undefined && length !== null,
      follows: follows ? (follows.fault ? stale(follows, state.now) : `follows ${follows.feed}`) : '',
      stale: !!follows?.fault,
    },
  ];
}

function saying(
  play: Play,
  frame: number,
  steps: Reel['steps'],
  waits: boolean,
  reelOf: (id: string) => Reel | undefined,
): { says: string; next: string | undefined } {
  if (waits) return { says: 'waits for its place', next: undefined };
  if (play.leaves !== undefined && play.leaves !== null && frame >= play.leaves) {
    return { says: 'goes out', next: undefined };
  }
  const next = steps[play.nexts.length]?.part;
  const at = momentAt(play, frame, reelOf);
  if (!at) return { says: 'on air', next };
  if (at.waits) {
    const passed = play.passed;
    return { says: `waits at step ${passed + play.nexts.length + 1} of ${passed + steps.length}`, next };
  }
  const moves = at.moment.phase === 'IN' && at.moment.frame < at.reel.in;
  return { says: moves ? (play.change ? 'changes' : 'comes in') : 'stands', next };
}

/** What a cue is called: the first of its texts that says something. */
export function nameOf(cue: Cue, graphic: Graphic | undefined): string {
  const fields = graphic?.fields ?? [];
  const shown = fields.filter(
    ({ kind }) => !kind || kind === 'text' || kind === 'lines' || kind === 'spoken',
  );
  const text = shown.map(({ key }) => cue.values[key]?.trim()).find((value) => value);
  if (text) return plain(text);
  const needed = fields.find(({ required }) => required);
  return needed ? `to fill: ${needed.label.toLocaleLowerCase()}` : 'nothing filled in';
}

/** Captions without their times, lines as one. */
function plain(text: string): string {
  if (!text.startsWith('WEBVTT')) return text.replace(/\s*\n\s*/g, ' · ');
  const lines = text.split('\n').slice(1);
  return lines
    .filter((line) => line.trim() && !line.includes('-->'))
    .join(' ')
    .replace(/<[^>]*>/g, '');
}

/** Labels of the fields, or dials, in which two fillings differ. */
export function differences(fields: { key: string; label: string }[], one: Values, other: Values): string[] {
  return fields
    .filter(({ key }) => (one[key] ?? '') !== (other[key] ?? ''))
    .map(({ label }) => label.toLocaleLowerCase());
}

/** "one score", "name and 3 more". */
export function few(labels: string[]): string {
  const [first, second] = labels;
  if (!first) return 'nothing';
  if (!second) return first;
  return labels.length === 2 ? `${first} and ${second}` : `${first} and ${labels.length - 1} more`;
}
