import { describe, expect, it } from 'vitest';
import type { Reel } from '../api/types';
import { ServerClock, localNow } from './clock';
import { drawnAt, frameAt, momentAt, playAt, waitingAt } from './shown';
import type { AirState, Play } from './types';

const shows = { graphic: 1, revision: 1, name: 'Flyer bar', values: {}, dials: {}, house: 1 };

function reel(members: Partial<Reel>): Reel {
  return { width: 100, height: 50, rate: 50, layers: [], in: 20, loop: 0, out: 10, steps: [], ...members };
}

function play(members: Partial<Play>): Play {
  return { reel: 'a', from: 1000, since: 1000, nexts: [], passed: 0, shows, ...members };
}

const REELS = new Map([
  ['a', reel({})],
  ['out', reel({ out: 10 })],
  ['stepped', reel({ steps: [{ frame: 5, part: 'row 2', standing: [], left: [] }] })],
]);
const get = (id: string) => REELS.get(id);

describe('what is on air', () => {
  it('counts frames from the beginning of the output, also at odd rates', () => {
    const state = { begins: 1000, frames: 60000, per: 1001 } as AirState;
    expect(frameAt(state, 1000)).toBe(0);
    expect(frameAt(state, 2001)).toBe(60);
    expect(frameAt({ ...state, frames: 50, per: 1 }, 1019)).toBe(0);
    expect(frameAt({ ...state, frames: 50, per: 1 }, 1020)).toBe(1);
  });

  it('shows a play from its frame on until it is over', () => {
    const plays = [play({ leaves: 1100, out: 'out', end: 1111 })];
    expect(playAt(plays, 999)).toBeUndefined();
    expect(momentAt(plays[0]!, 1000, get)?.moment).toMatchObject({ phase: 'IN', frame: 0 });
    expect(momentAt(plays[0]!, 1050, get)?.moment).toMatchObject({ phase: 'IN', frame: 20 });
    expect(momentAt(plays[0]!, 1110, get)?.moment).toMatchObject({ phase: 'OUT', frame: 10 });
    expect(playAt(plays, 1110)).toBeDefined();
    expect(playAt(plays, 1111)).toBeUndefined();
  });

  it('knows what waits for another one to go', () => {
    const plays = [play({ leaves: 1100, out: 'out', end: 1111 }), play({ from: 1111 })];
    expect(waitingAt(plays, 1105)).toBe(plays[1]);
    expect(waitingAt(plays, 1111)).toBeUndefined();
    expect(playAt(plays, 1111)).toBe(plays[1]);
  });

  it('waits at a step until it went on', () => {
    const at = play({ reel: 'stepped' });
    expect(momentAt(at, 1500, get)).toMatchObject({ waits: true, moment: { frame: 5 } });
    expect(momentAt({ ...at, nexts: [1500] }, 1503, get)).toMatchObject({
      waits: false,
      moment: { frame: 8 },
    });
  });

  it('goes on with what was before as long as a change cannot be drawn', () => {
    const plays = [play({}), play({ reel: 'not there', from: 1050 })];
    expect(drawnAt(plays, 1060, get)).toMatchObject({ reel: REELS.get('a'), moment: { frame: 20 } });
    expect(drawnAt([plays[1]!], 1060, get)).toBeUndefined();
  });
});

describe('the clock of the server', () => {
  it('goes by the most exact of the last samples', () => {
    const clock = new ServerClock();
    const sent = localNow();
    clock.heard(sent, sent + 5000, sent + 400);
    clock.heard(sent, sent + 7002, sent + 4);
    expect(clock.now() - localNow()).toBeCloseTo(7000, 0);
    // A slow answer does not spoil it.
    clock.heard(sent, sent + 9000, sent + 900);
    expect(clock.now() - localNow()).toBeCloseTo(7000, 0);
  });
});
