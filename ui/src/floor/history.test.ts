import { expect, it } from 'vitest';
import { History } from './history.svelte';

it('goes back and forth over changes, and forgets what was undone once something new is done', () => {
  const history = new History<string>();
  history.begin('a');
  expect([history.canUndo, history.canRedo]).toEqual([false, false]);
  history.change('b');
  history.change('c');
  history.undo();
  history.undo();
  expect(history.present).toBe('a');
  history.undo();
  expect(history.present).toBe('a');
  history.redo();
  expect(history.present).toBe('b');
  history.change('d');
  expect([history.present, history.canRedo]).toEqual(['d', false]);
  history.undo();
  expect(history.present).toBe('b');
});

it('keeps what belongs to one act as one change', () => {
  const history = new History<string>();
  history.begin('a');
  history.change('b', 1);
  history.change('c', 1);
  history.change('d', 2);
  history.undo();
  expect(history.present).toBe('c');
  history.undo();
  expect(history.present).toBe('a');
  history.change('e', 2);
  history.undo();
  expect(history.present).toBe('a');
});
