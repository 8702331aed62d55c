import { expect, it } from 'vitest';
import type { Part } from '../api/types';
import { View } from './view.svelte';

const PARTS = [
  { key: 'plate', kind: 'box' },
  { key: 'name', kind: 'text' },
  { key: 'role', kind: 'text' },
  { key: 'lines', kind: 'group', parts: ['name', 'role'] },
] as Part[];

it('hides a group with all that is in it, and shows some alone', () => {
  const view = new View();
  view.toggle('hidden', 'lines');
  expect([...view.unseen(PARTS)]).toEqual(['name', 'role', 'lines']);
  view.toggle('hidden', 'lines');
  expect(view.unseen(PARTS).size).toBe(0);
  view.toggle('only', 'lines');
  expect([...view.unseen(PARTS)]).toEqual(['plate']);
  view.toggle('locked', 'lines');
  expect(view.isLocked(PARTS, 'role')).toBe(true);
  expect(view.isLocked(PARTS, 'plate')).toBe(false);
});
