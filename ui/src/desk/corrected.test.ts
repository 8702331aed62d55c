import { expect, it } from 'vitest';
import { corrected } from './corrected';

it('corrects whole words only', () => {
  expect(corrected('heigth, Heigth and heigths: heigth', 'heigth', 'height')).toBe(
    'height, Heigth and heigths: height',
  );
  expect(corrected('it’s so', "it's", 'it is')).toBe('it is so');
  expect(corrected('a$b (a)', 'a', '$1')).toBe('$1$b ($1)');
  expect(corrected('ångr gr', 'gr', 'x')).toBe('ångr x');
});
