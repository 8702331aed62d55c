import type { Dial, Graphic } from '../api/types';
import { at, put, type Leaf } from './places';

function fits(dial: Dial, value: unknown): value is Leaf {
  if (dial.kind === 'length') return typeof value === 'number' && Number.isInteger(value);
  if (dial.kind === 'number') return typeof value === 'number';
  return dial.kind === 'switch' ? typeof value === 'boolean' : typeof value === 'string';
}

/** A dial that is designed otherwise, with its limits or options opened so far that this may be set. */
export function designed(dial: Dial, value: Leaf): Dial {
  if (typeof value === 'number') {
    const [least, most] = [Math.min(dial.least ?? value, value), Math.max(dial.most ?? value, value)];
    return { ...dial, value, least, most };
  }
  if (typeof value === 'boolean' || dial.options?.includes(value)) return { ...dial, value };
  return { ...dial, value, options: [...(dial.options ?? []), value] };
}

/**
 * After a change that knows nothing of dials: what stands now in their places is what they are designed as, and places that are gone, or of
 * another kind, are set no longer. The server does the same after its own edits.
 */
export function settled(before: Graphic, after: Graphic): Graphic {
  if (!after.dials?.length) return after;
  let document = after;
  const dials: Dial[] = [];
  for (const dial of after.dials) {
    const had = before.dials?.find(({ key }) => key === dial.key);
    const sets = dial.sets.filter((place) => {
      const value = at(after, place);
      if (value !== undefined) return fits(dial, value);
      // What goes without saying may be left out; what was said and is not any more is gone.
      return at(before, place) === undefined;
    });
    if (sets.length === 0) continue;
    const other = sets.map((place) => at(after, place)).find((v) => v !== undefined && v !== dial.value);
    const now = designed({ ...dial, sets }, (other as Leaf | undefined) ?? (dial.value as Leaf));
    // Somebody who has set the dial itself means it, whatever stands in its places.
    const asked = had?.value !== dial.value;
    const next = asked ? { ...dial, sets } : now;
    for (const place of sets) document = put(document, place, next.value as Leaf);
    dials.push(next);
  }
  return { ...document, dials: dials.length > 0 ? dials : undefined };
}
