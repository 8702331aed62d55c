import { expect, it } from 'vitest';
import type { Part, StoredGraphic } from '../api/types';
import { uses } from './uses';

function graphic(name: string, part: Partial<Part>): StoredGraphic {
  const parts = [{ key: 'ink', kind: 'box', ...part } as Part];
  return { id: 1, revision: 1, savedAt: '', document: { name, parts } as StoredGraphic['document'] };
}

it('finds colours wherever a document names them, and nothing that is only called so', () => {
  const graphics = [
    graphic('fill', { fill: 'ink' }),
    graphic('gradient', { fill: { from: '#000000', to: 'ink' } }),
    graphic('stroke', { stroke: { colour: 'ink', width: 2 } }),
    graphic('letters', { style: { font: 'x', size: 1, fill: 'ink' } }),
    graphic('only its key', { fill: '#1F1A2B' }),
  ];
  expect(uses(graphics, 'ink')).toEqual(['fill', 'gradient', 'stroke', 'letters']);
});
