import type { Graphic, Values } from '../api/types';

/** What a graphic is shown with: its first trial, or else the samples of its fields. */
export function sampleValues(graphic: Graphic): Values {
  const trial = graphic.trials?.[0];
  if (trial) return { ...trial.values };
  return Object.fromEntries((graphic.fields ?? []).map((field) => [field.key, field.sample ?? '']));
}

/** Whether two fillings are the same; a missing value is an empty one. */
export function sameValues(first: Values, second: Values): boolean {
  const keys = new Set([...Object.keys(first), ...Object.keys(second)]);
  return [...keys].every((key) => (first[key] ?? '') === (second[key] ?? ''));
}
