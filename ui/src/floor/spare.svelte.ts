import { spareOf } from '../api/client';
import type { Graphic, Spare, Values } from '../api/types';

/** ms after the last letter: nobody waits for it. */
const AFTER = 450;

/** How much more text each field has room for, a little after it was typed in. */
export class SpareRoom {
  fields = $state.raw<Spare[]>([]);
  #due: ReturnType<typeof setTimeout> | undefined;
  #asked = 0;

  /** Asks again once nothing is typed any more. */
  ask(document: Graphic, values: Values, dials: Values = {}): void {
    clearTimeout(this.#due);
    const asked = ++this.#asked;
    this.#due = setTimeout(() => {
      void spareOf(document, values, dials)
        .then((found) => {
          if (asked === this.#asked) this.fields = found;
        })
        .catch(() => {
          // It is only said in passing; what is wrong is said elsewhere.
          if (asked === this.#asked) this.fields = [];
        });
    }, AFTER);
  }

  leave(): void {
    clearTimeout(this.#due);
    this.#asked++;
  }
}

/** So many letters or more are as many as anyone types. */
export const ENDLESS = 200;

/** The same in fewer words. */
export function briefly({ asIs, squeezed, squeeze }: Spare): string {
  if (asIs >= ENDLESS) return 'room for any text';
  const percent = Math.round(squeeze * 100);
  // What only breaks into more lines fits as it is.
  if (percent >= 100) return `${squeezed} more fit`;
  const more = squeezed - asIs;
  return `${asIs} more fit${more > 0 ? `, ${more} at ${percent} %` : ''}`;
}

export function inWords({ asIs, squeezed, squeeze, then }: Spare): string {
  const more = squeezed - asIs;
  const first = asIs >= ENDLESS ? 'room for any text' : `room for ${asIs} more`;
  const rest = more > 0 && asIs < ENDLESS ? `, ${more} more squeezed to ${Math.round(squeeze * 100)} %` : '';
  return first + rest + (then ? `; then ${then}` : '');
}
