import { describe, expect, it } from 'vitest';
import type { Finding } from '../api/types';
import { alike, byTrial, inShort, inWords, telling } from './findings';

function finding(check: string, ...trials: number[]): Finding {
  return { check, trials, trial: trials[0] } as unknown as Finding;
}

describe('inWords', () => {
  it('says how many fillings and findings there are', () => {
    const proof = { state: 'FINISHED', done: 412, open: 3, fillings: new Array(412) };
    expect(inWords(proof)).toBe('proved for 412 fillings, 3 findings');
    expect(inWords({ ...proof, open: 0 })).toBe('proved for 412 fillings, nothing found');
    expect(inWords({ ...proof, state: 'RUNNING', done: 7, open: 1 })).toBe(
      'proving: 7 of 412 fillings, 1 finding so far',
    );
  });

  it('says that a proof could not be made, and never that nothing was found', () => {
    const failed = { state: 'FAILED', done: 0, open: 0, fillings: [], why: 'Prove it again.' };
    expect(inWords(failed)).toBe('could not be proved. Prove it again.');
    const note = {
      graphic: 1,
      revision: 1,
      fillings: 0,
      open: 0,
      finished: false,
      failed: true,
      proving: false,
      done: 0,
    };
    expect(inShort(note)).toBe('could not be proved');
    expect(inShort({ ...note, failed: false })).toBe('proof stopped, nothing found so far');
    expect(inShort({ ...note, proving: true })).toBe('to be proved anew');
    expect(inShort({ ...note, proving: true, fillings: 9, done: 4 })).toBe('proving anew: 4 of 9 fillings');
    expect(inShort({ ...note, failed: false, finished: true, fillings: 9 })).toBe(
      'proved for 9 fillings, nothing found',
    );
  });
});

describe('the matrix', () => {
  const FINDINGS = [finding('box', 0, 4), finding('cut', 4, 9), finding('over', 7)];

  it('has the findings of each filling by check', () => {
    expect(byTrial(FINDINGS).get(4)?.get('cut')).toEqual([FINDINGS[1]]);
    expect(byTrial(FINDINGS).get(1)).toBeUndefined();
  });

  it('shows the fewest fillings that tell everything first', () => {
    expect(telling(FINDINGS)).toEqual([4, 7]);
  });
});

it('makes one of findings that say the same of rows that are alike', () => {
  const of = (part: string, other: string, trials: number[]) =>
    ({ check: 'box', phase: 'IN', part, other, trials }) as unknown as Finding;
  const groups = alike([
    of('name 1', 'bar 1', [1]),
    of('name 2', 'bar 2', [1, 2]),
    of('headline', 'ground', [1]),
    of('score 2', 'bar 2', [3]),
    of('name 12', 'bar 12', [4]),
  ]);
  expect(groups.map(({ worst, others }) => [worst.part, ...others.map(({ part }) => part)])).toEqual([
    ['name 2', 'name 1', 'name 12'],
    ['headline'],
    ['score 2'],
  ]);
});
