import { describe, expect, it } from 'vitest';
import type { AirState, Play } from '../air/types';
import type { Cue, Graphic, Reel } from '../api/types';
import { differences, few, minutes, nameOf, standing } from './words';

const REEL: Reel = {
  width: 100,
  height: 50,
  rate: 50,
  layers: [],
  in: 40,
  loop: 0,
  out: 10,
  steps: [
    { frame: 10, part: 'row 1', standing: [], left: [] },
    { frame: 20, part: 'row 2', standing: [], left: [] },
  ],
};

function play(members: Partial<Play>): Play {
  const shows = { graphic: 1, revision: 1, name: 'Heat board', values: {}, dials: {}, house: 1, number: '9' };
  return { reel: 'a', from: 1000, since: 1000, nexts: [], passed: 0, shows, ...members };
}

function said(plays: Play[], frame: number) {
  const state = { frames: 50, per: 1, berths: [{ berth: 'board', event: 3, plays }] } as unknown as AirState;
  return standing(state, frame, () => REEL)[0];
}

describe('what stands, in words', () => {
  it('says where it waits and what comes next', () => {
    expect(said([play({})], 1005)).toMatchObject({ title: '9 Heat board', says: 'comes in', next: 'row 1' });
    expect(said([play({})], 1500)).toMatchObject({
      says: 'waits at step 1 of 2',
      next: 'row 1',
      time: '0:10',
    });
    expect(said([play({ nexts: [1500] })], 1600)).toMatchObject({
      says: 'waits at step 2 of 2',
      next: 'row 2',
    });
    // A change has only the steps that are left.
    expect(said([play({ passed: 2 })], 1500)?.says).toBe('waits at step 3 of 4');
    expect(said([play({ nexts: [1500, 1600] })], 1700)).toMatchObject({ says: 'stands', next: undefined });
  });

  it('says what goes, waits and changes', () => {
    const leaving = play({ nexts: [1100, 1200], leaves: 1500, out: 'a', end: 1511 });
    expect(said([leaving], 1505)).toMatchObject({ says: 'goes out', leaves: true });
    expect(said([leaving], 1511)).toBeUndefined();
    expect(said([leaving, play({ from: 1511 })], 1505)?.says).toBe('waits for its place');
    expect(said([play({ change: 'swaps name' })], 1005)?.says).toBe('changes');
  });

  it('counts down where a length is set', () => {
    const { shows } = play({});
    expect(said([play({ shows: { ...shows, length: 500 } })], 1100)).toMatchObject({
      time: '0:08',
      countsDown: true,
    });
    expect(minutes(50 * 61, 50)).toBe('1:01');
    expect(minutes(-5, 50)).toBe('0:00');
  });
});

describe('what a cue is called', () => {
  const graphic = {
    fields: [
      { key: 'side', label: 'Side', kind: 'choice', options: ['left'] },
      { key: 'name', label: 'Name', required: true },
      { key: 'text', label: 'Text', kind: 'spoken' },
    ],
  } as Graphic;
  const cue = (values: Record<string, string>): Cue => ({
    id: 'a',
    number: '1',
    graphic: 1,
    revision: 1,
    values,
    dials: {},
    note: '',
  });

  it('is the first of its texts, or what is to be filled', () => {
    expect(nameOf(cue({ side: 'left', name: 'Wu' }), graphic)).toBe('Wu');
    expect(nameOf(cue({ side: 'left', name: '  ' }), graphic)).toBe('to fill: name');
    expect(nameOf(cue({ name: '', text: 'a\nb' }), graphic)).toBe('a · b');
    const captions = 'WEBVTT\n\n00:00.600 --> 00:03.400\nThe wind <00:00.950>has gone';
    expect(nameOf(cue({ text: captions }), graphic)).toBe('The wind has gone');
  });

  it('tells few differences by their labels', () => {
    expect(differences(graphic.fields!, { name: 'Wu' }, { name: 'Li', side: '' })).toEqual(['name']);
    expect(few(['name'])).toBe('name');
    expect(few(['name', 'side'])).toBe('name and side');
    expect(few(['name', 'side', 'text'])).toBe('name and 2 more');
  });
});
