import { expect, it } from 'vitest';
import { Waits } from './waits';

it('waits longer each time, never for more than three seconds, and shortly again after it was done', () => {
  const waits = new Waits(() => 0.5);
  const all = [...Array(8)].map(() => waits.next());
  expect(all[0]).toBe(500);
  expect(all.slice(0, 4).every((wait, place) => place === 0 || wait > all[place - 1]!)).toBe(true);
  expect(all.at(-1)).toBe(2500);
  waits.done();
  expect(waits.next()).toBe(500);
});

it('waits differently each time, so that many do not come at once', () => {
  const ends = [0, 1].map((random) => {
    const waits = new Waits(() => random);
    return [...Array(10)].map(() => waits.next());
  });
  expect(ends[0]![0]).toBe(400);
  expect(ends[1]![9]).toBe(3000);
});
