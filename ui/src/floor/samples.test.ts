import { expect, it } from 'vitest';
import { sampleOf } from './samples';

const of = (sample: string) => ({ sample, label: 'Name' });

it('keeps a sample that will do', () => {
  expect(sampleOf(of('Oona'), 'lines', [], [])).toBe('Oona');
  expect(sampleOf(of('3.5'), 'number', [], [])).toBe('3.5');
  expect(sampleOf(of('right'), 'choice', ['left', 'right'], [])).toBe('right');
  expect(sampleOf(of('crest'), 'picture', [], ['mark', 'crest'])).toBe('crest');
  expect(sampleOf(of('#11AA33'), 'colour', [], [])).toBe('#11AA33');
});

it('gives another one of its kind', () => {
  expect(sampleOf(of('Oona'), 'number', [], [])).toBe('42');
  expect(sampleOf(of('Oona'), 'choice', ['left', 'right'], [])).toBe('left');
  expect(sampleOf(of('Oona'), 'picture', [], ['mark'])).toBe('mark');
  expect(sampleOf(of('Oona'), 'picture', [], [])).toBe('');
  expect(sampleOf(of('Oona'), 'switch', [], [])).toBe('on');
  expect(sampleOf(of('Oona'), 'colour', [], [])).toBe('#7AD3C0');
  expect(sampleOf(of('One\nTwo'), 'text', [], [])).toBe('One');
  expect(sampleOf(of(''), 'text', [], [])).toBe('Name');
});
