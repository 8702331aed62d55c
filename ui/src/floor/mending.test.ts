import { expect, it } from 'vitest';
import type { Filling, Finding } from '../api/types';
import { fillingsFor } from './mending.svelte';

const all = Array.from({ length: 400 }, (_, i) => ({ name: `${i}`, values: {} }) as Filling);
const names = (finding: Partial<Finding>) => fillingsFor(finding as Finding, all).map(({ name }) => name);

it('begins with the worst filling, then those that show it, then an even spread of the others', () => {
  const some = names({ trial: 7, trials: [3, 7, 9] });
  expect(some.slice(0, 3)).toEqual(['7', '3', '9']);
  expect(new Set(some).size).toBe(120);
  expect(some.at(-1)).not.toBe('119');
});

it('leaves room for others where nearly all show it', () => {
  const trials = Array.from({ length: 390 }, (_, i) => i);
  const some = names({ trial: 5, trials });
  expect(some.filter((name) => Number(name) >= 390)).toHaveLength(10);
  expect(some.length).toBeLessThanOrEqual(120);
});

it('leaves changes out', () => {
  const changes = all.map((filling, i) => (i < 300 ? { ...filling, then: [{}] } : filling)) as Filling[];
  const some = fillingsFor({ trial: 2, trials: [2, 310] } as Finding, changes);
  expect(some[0]?.name).toBe('310');
  expect(some).toHaveLength(100);
});
