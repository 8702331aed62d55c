import type { Field, Graphic, Values } from '../api/types';

/** What a graphic is shown with: its first trial, or else the samples of its fields. */
export function sampleValues(graphic: Graphic): Values {
  const trial = graphic.trials?.[0];
  if (trial) return { ...trial.values };
  return Object.fromEntries((graphic.fields ?? []).map((field) => [field.key, field.sample ?? '']));
}

/** Letters of the name of a trial. */
const NAME = 24;

/**
 * What a filling is called as a trial: what is filled in, or blank, otherwise than in the one that it came from, and than in all that would have
 * the same name.
 *
 * @param from the values it came from
 */
export function trialName(graphic: Graphic, values: Values, from: Values): string {
  const taken = (graphic.trials ?? []).map(({ name }) => name);
  const fields = graphic.fields ?? [];
  const said = (field: Field) => {
    const text = (values[field.key] ?? '').trim();
    return text === '' ? `no ${field.label.toLowerCase()}` : text.slice(0, NAME);
  };
  const differs = fields.filter(({ key }) => (values[key] ?? '') !== (from[key] ?? ''));
  // What is the same in others comes after what tells it from them.
  const words = [...differs, ...fields.filter((field) => !differs.includes(field))].map(said);
  for (let many = 1; many <= words.length; many++) {
    const name = words.slice(0, many).join(', ');
    if (!taken.includes(name) && name !== '') return name;
  }
  const name = words[0] ?? 'all blank';
  for (let i = 2; ; i++) if (!taken.includes(`${name} ${i}`)) return `${name} ${i}`;
}

/** Whether two fillings are the same; a missing value is an empty one. */
export function sameValues(first: Values, second: Values): boolean {
  const keys = new Set([...Object.keys(first), ...Object.keys(second)]);
  return [...keys].every((key) => (first[key] ?? '') === (second[key] ?? ''));
}
