import { expect, it } from 'vitest';
import type { Graphic } from '../api/types';
import { sampleValues, sameValues, trialName } from './values';

const GRAPHIC: Graphic = {
  format: 'glimble-graphic/1',
  name: 'x',
  frame: { width: 1920, height: 1080, rate: '50', length: 250 },
  fields: [{ key: 'name', label: 'Name', sample: 'Wu' }],
};

it('shows a graphic with its first trial, or with the samples of its fields', () => {
  expect(sampleValues(GRAPHIC)).toEqual({ name: 'Wu' });
  expect(sampleValues({ ...GRAPHIC, trials: [{ name: 't', values: { name: 'Oona' } }] })).toEqual({
    name: 'Oona',
  });
});

it('takes a missing value for an empty one', () => {
  expect(sameValues({ name: 'Wu', role: '' }, { name: 'Wu' })).toBe(true);
  expect(sameValues({ name: 'Wu' }, { name: 'Wu', role: ' ' })).toBe(false);
});

it('calls a trial by what differs', () => {
  const fields = ['Name', 'Role'].map((label) => ({ key: label.toLowerCase(), label, sample: label }));
  const graphic = { ...GRAPHIC, fields, trials: [{ name: 'Wu', values: {} }] };
  const from = { name: 'Wu', role: 'Flyer' };
  expect(trialName(graphic, { name: 'Oona', role: 'Flyer' }, from)).toBe('Oona');
  expect(trialName(graphic, { name: 'Wu', role: ' ' }, from)).toBe('no role');
  expect(trialName(graphic, { name: 'Wu', role: 'Judge' }, from)).toBe('Judge');
  expect(trialName(graphic, from, from)).toBe('Wu, Flyer');
  const full = { ...graphic, trials: ['Wu', 'Wu, Flyer'].map((name) => ({ name, values: {} })) };
  expect(trialName(full, from, from)).toBe('Wu 2');
});
