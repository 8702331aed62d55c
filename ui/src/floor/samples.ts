import { typedNumber } from '../sheet/pieces/typed';
import type { Field } from '../api/types';

type Kind = NonNullable<Field['kind']>;

const LINES = 'First line\nSecond line';

/** Whether a sample is one of a kind. */
function suits(sample: string, kind: Kind, options: string[], pictures: string[]): boolean {
  if (sample === '') return kind === 'switch';
  if (kind === 'choice') return options.includes(sample);
  if (kind === 'number') return typedNumber(sample) !== undefined;
  if (kind === 'switch') return sample === 'on';
  if (kind === 'picture') return pictures.includes(sample);
  if (kind === 'colour') return /^#([0-9a-f]{6}|[0-9a-f]{8})$/i.test(sample);
  return kind === 'lines' || kind === 'spoken' || !sample.includes('\n');
}

/**
 * A sample for a field whose kind has changed: the one it had where that will do.
 *
 * @param options of a choice
 * @param pictures keys of those the house has
 */
export function sampleOf(
  { sample = '', label }: Pick<Field, 'sample' | 'label'>,
  kind: Kind,
  options: string[],
  pictures: string[],
): string {
  if (suits(sample, kind, options, pictures)) return sample;
  switch (kind) {
    case 'choice':
      return options[0] ?? '';
    case 'number':
      return '42';
    case 'switch':
      return 'on';
    case 'picture':
      return pictures[0] ?? '';
    case 'colour':
      return '#7AD3C0';
    case 'lines':
    case 'spoken':
      return LINES;
    default:
      return sample.split('\n')[0] || label;
  }
}
