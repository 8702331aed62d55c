import { checkFilling, workFilling } from '../api/desk';
import { ready } from '../api/ready';
import type { Cue, CueCheck, FilledIn, FillingRequest } from '../api/types';
import { Queue, type Urgency } from './queue';

const worked = new Queue<FillingRequest, FilledIn>(
  async (filling) => {
    const found = await workFilling(filling);
    await ready([found.reel]);
    return found;
  },
  { atOnce: 3, kept: 400 },
);
/** Answers are small, and sheets are long. */
const checked = new Queue<FillingRequest, CueCheck>(checkFilling, { atOnce: 2, kept: 4000 });

export function workedOut(filling: FillingRequest, urgency?: Urgency): Promise<FilledIn> {
  return worked.of(filling, urgency);
}

export function check(filling: FillingRequest, urgency?: Urgency): Promise<CueCheck> {
  return checked.of(filling, urgency);
}

/** What another sheet has asked for comes before this one's only if it has begun. */
export function leaveChecks(): void {
  worked.leave();
  checked.leave();
}

/** What a cue is checked with: if the cue before is of the same graphic, the change from that as well. */
export function fillingOf(cue: Cue, before?: Cue): FillingRequest {
  const { graphic, revision, values, dials } = cue;
  const same = before?.graphic === graphic && before.revision === revision;
  return {
    graphic,
    revision,
    values,
    dials,
    ...(same && { before: before.values, beforeDials: before.dials }),
  };
}
