import { inWords } from './pathWords';
import type { StoredGraphic } from './types';

/** What the server refused and why, as problem details (RFC 9457). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    /** What is wrong, with the path of what it is about where that is in a document. */
    readonly detail: string,
    /** The revision that stands in the way of a save. */
    readonly current?: StoredGraphic,
    /** Whether it is known that nothing was changed. */
    readonly known = true,
  ) {
    super(inWords(detail, undefined));
  }
}
