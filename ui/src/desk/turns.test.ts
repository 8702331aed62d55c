import { describe, expect, it } from 'vitest';
import { Problem } from '../api/problem';
import { Turns, type Told, type Turn } from './turns';

const NO_ANSWER = new Problem(0, 'No answer', 'The server does not answer.', undefined, false);
/** For as long as an act is tried. */
const SILENCE = Array<Problem>(7).fill(NO_ANSWER);
const LATE = new Problem(409, 'Not done in time', 'Not done: it came too late.');
const STALE = new Problem(409, 'Too late', 'Not done: it was meant for what stood before.');

/** A desk whose time goes on only when something takes time, and a server that does as it is told. */
function desk() {
  let now = 10_000;
  let told: Told[] = [];
  const tried: string[] = [];
  const turns = new Turns({
    now: () => now,
    within: () => 2000,
    ontold: (all) => (told = all),
    ontrying: (said) => tried.push(said),
    wait: (ms) => {
      now += ms;
      return Promise.resolve();
    },
  });
  const sent: { said: string; notAfter: number }[] = [];
  function turn(
    said: string,
    kind: Turn['kind'],
    where: string | undefined,
    answers: (Problem | number)[],
  ): Turn {
    const left = [...answers];
    return {
      said,
      kind,
      where,
      send: async (notAfter) => {
        await Promise.resolve();
        sent.push({ said, notAfter });
        const answer = left.length > 1 ? left.shift()! : left[0]!;
        if (answer instanceof Problem) throw answer;
        now += answer;
      },
    };
  }
  return { turns, turn, sent, tried, told: () => told.map(({ text }) => text) };
}

describe('acts', () => {
  it('go one after the other, each meant for its own time', async () => {
    const { turns, turn, sent, told } = desk();
    const done = [
      turns.press(turn('take 1', 'TAKE', 'bar', [100])),
      turns.press(turn('step 1', 'STEP', 'bar', [100])),
    ];
    expect(await Promise.all(done)).toEqual([true, true]);
    expect(sent).toEqual([
      { said: 'take 1', notAfter: 12_000 },
      { said: 'step 1', notAfter: 12_000 },
    ]);
    expect(told()).toEqual([]);
  });

  it('are not sent any more when what was pressed before took too long', async () => {
    const { turns, turn, sent, told } = desk();
    const done = [
      turns.press(turn('take 1', 'TAKE', 'bar', [2100])),
      turns.press(turn('step 1', 'STEP', 'bar', [0])),
    ];
    expect(await Promise.all(done)).toEqual([true, false]);
    expect(sent).toHaveLength(1);
    expect(told()).toEqual(['Not done: step 1. What was pressed before it took too long.']);
  });

  it('of those that wait for a berth the last take counts, and the rest are told', async () => {
    const { turns, turn, sent, told } = desk();
    const done = [
      turns.press(turn('take 1', 'TAKE', 'bar', [0])),
      turns.press(turn('take 2', 'TAKE', 'bar', [0])),
      turns.press(turn('take 3', 'TAKE', 'board', [0])),
      turns.press(turn('step 2', 'STEP', 'bar', [0])),
      turns.press(turn('take 4', 'TAKE', 'bar', [0])),
    ];
    expect(await Promise.all(done)).toEqual([true, false, true, false, true]);
    expect(sent.map(({ said }) => said)).toEqual(['take 1', 'take 3', 'take 4']);
    expect(told()).toEqual([
      'Not done: take 2. take 4 was pressed after it.',
      'Not done: step 2. take 4 was pressed after it.',
    ]);
  });

  it('an out is never left out, and leaves out what waits before it', async () => {
    const { turns, turn, sent } = desk();
    const done = [
      turns.press(turn('take 1', 'TAKE', 'bar', [0])),
      turns.press(turn('take 2', 'TAKE', 'bar', [0])),
      turns.press(turn('out 1', 'OUT', 'bar', [0])),
      turns.press(turn('take 3', 'TAKE', 'bar', [0])),
      turns.press(turn('all out', 'OUT', undefined, [0])),
    ];
    expect(await Promise.all(done)).toEqual([true, false, true, false, true]);
    expect(sent.map(({ said }) => said)).toEqual(['take 1', 'out 1', 'all out']);
  });

  it('without an answer are asked about when the server is heard again, with a time that has passed', async () => {
    const { turns, turn, sent, told } = desk();
    expect(await turns.press(turn('take 1', 'TAKE', 'bar', [...SILENCE, LATE]))).toBe(false);
    expect(told()[0]).toContain('No answer: take 1.');
    await turns.heard();
    expect(told()).toEqual(['Not done: take 1. It came too late.']);
    expect(new Set(sent.map(({ notAfter }) => notAfter))).toEqual(new Set([12_000]));
  });

  it('that were done though no answer came are told as done', async () => {
    const { turns, turn, told } = desk();
    await turns.press(turn('take 1', 'TAKE', 'bar', [...SILENCE, 0]));
    await turns.heard();
    expect(told()).toEqual(['It was done: take 1.']);
  });

  it('that are refused are told why, and what is pressed next takes that away', async () => {
    const { turns, turn, told } = desk();
    expect(await turns.press(turn('take 1', 'TAKE', 'bar', [STALE]))).toBe(false);
    expect(told()).toEqual(['Not done: take 1. It was meant for what stood before.']);
    await turns.press(turn('take 1', 'TAKE', 'bar', [0]));
    expect(told()).toEqual([]);
  });
});

describe('an out', () => {
  it('is tried until it is done, each time for the time it is then', async () => {
    const { turns, turn, sent, tried } = desk();
    expect(await turns.press(turn('out 1', 'OUT', 'bar', [NO_ANSWER, LATE, NO_ANSWER, 0]))).toBe(true);
    expect(sent.map(({ notAfter }) => notAfter)).toEqual([12_000, 12_300, 12_600, 12_900]);
    expect(tried).toEqual(['out 1', 'out 1', 'out 1', '']);
  });

  it('is said to be tried while what was pressed before it has no answer, which is not tried again then', async () => {
    const { turns, turn, sent, tried, told } = desk();
    const taken = turns.press(turn('take 1', 'TAKE', 'bar', SILENCE));
    const out = turns.press(turn('out 1', 'OUT', 'bar', [0]));
    expect(await Promise.all([taken, out])).toEqual([false, true]);
    expect(tried[0]).toBe('out 1');
    expect(tried.at(-1)).toBe('');
    expect(sent.map(({ said }) => said)).toEqual(['take 1', 'out 1']);
    expect(told()[0]).toContain('No answer: take 1.');
  });

  it('that waits behind something else can be given up as well', async () => {
    const { turns, turn, sent } = desk();
    const taken = turns.press(turn('take 1', 'TAKE', 'bar', [0]));
    const out = turns.press(turn('out 1', 'OUT', 'bar', [0]));
    turns.stopTrying();
    expect(await Promise.all([taken, out])).toEqual([true, false]);
    expect(sent.map(({ said }) => said)).toEqual(['take 1']);
  });

  it('is tried until it is refused', async () => {
    const { turns, turn, told } = desk();
    expect(await turns.press(turn('out 1', 'OUT', 'bar', [NO_ANSWER, STALE]))).toBe(false);
    expect(told()).toEqual(['Not done: out 1. It was meant for what stood before.']);
  });

  it('is not tried any more when nobody wants it', async () => {
    const { turns, turn, told } = desk();
    const done = turns.press(turn('out 1', 'OUT', 'bar', [NO_ANSWER]));
    turns.stopTrying();
    expect(await done).toBe(false);
    expect(told()).toEqual(['Not tried any more: out 1.']);
  });
});
