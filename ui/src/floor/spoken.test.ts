import { expect, it } from 'vitest';
import type { Spoken } from '../api/types';
import { captions, moved, stamp } from './spoken';

const words = ['Gusts', '<of>', '31 & more'].map(
  (text, word) => ({ text, word, frame: 10 + 25 * word }) as Spoken,
);

it('writes each word with its time, after the first, as WebVTT has them', () => {
  expect(captions(words, 10, 50)).toBe(
    'WEBVTT\n\n00:00.000 --> 00:01.400\nGusts <00:00.500>&lt;of&gt; <00:01.000>31 &amp; more\n',
  );
  expect(stamp(3_725.0625)).toBe('01:02:05.063');
});

it('moves a word no further than its neighbours', () => {
  expect(moved(words, 1, 50, 10)[1]!.frame).toBe(50);
  expect(moved(words, 1, 5, 10)[1]!.frame).toBe(11);
  expect(moved(words, 1, 90, 10)[1]!.frame).toBe(59);
  expect(moved(words, 0, 0, 10)[0]!.frame).toBe(10);
  expect(moved(words, 2, 400, 10)[2]!.frame).toBe(400);
});
