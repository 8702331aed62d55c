import { expect, it } from 'vitest';
import type { Spare } from '../api/types';
import { inWords } from './spare.svelte';

const spare = (asIs: number, squeezed: number, then = '') =>
  ({ field: 'name', asIs, squeezed, squeeze: 0.824, then }) as Spare;

it('says what there is room for, then what becomes of it', () => {
  expect(inWords(spare(23, 32, 'name: its letters stand 3 px outside title-safe'))).toBe(
    'room for 23 more, 9 more squeezed to 82 %; then name: its letters stand 3 px outside title-safe',
  );
  expect(inWords(spare(7, 7, 'the field holds 40 letters'))).toBe(
    'room for 7 more; then the field holds 40 letters',
  );
  expect(inWords(spare(200, 200))).toBe('room for any text');
});
