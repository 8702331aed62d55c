import { describe, expect, it } from 'vitest';
import { kept, saveId } from './kept';
import { Problem } from './problem';

const AT_ONCE = () => Promise.resolve();
const UNKNOWN = new Problem(503, 'Database away', 'It is not known whether it was kept.', undefined, false);

/** Answers with each of these in turn. */
function server(...answers: (string | Problem)[]) {
  const ids: string[] = [];
  const send = (id: string) => {
    const answer = answers[Math.min(ids.length, answers.length - 1)]!;
    ids.push(id);
    return typeof answer === 'string' ? Promise.resolve(answer) : Promise.reject(answer);
  };
  return { ids, send };
}

describe('a save', () => {
  it('is sent again with the same id until it is known what came of it', async () => {
    const { ids, send } = server(UNKNOWN, UNKNOWN, 'revision 4');
    expect(await kept(send, AT_ONCE)).toBe('revision 4');
    expect(ids).toHaveLength(3);
    expect(new Set(ids).size).toBe(1);
  });

  it('is not sent again when the answer is known', async () => {
    const conflict = new Problem(409, 'Saved by somebody else', 'Nothing was overwritten.');
    const { ids, send } = server(conflict);
    await expect(kept(send, AT_ONCE)).rejects.toBe(conflict);
    expect(ids).toHaveLength(1);
  });

  it('says in the end that it is not known', async () => {
    const { ids, send } = server(UNKNOWN);
    await expect(kept(send, AT_ONCE)).rejects.toBe(UNKNOWN);
    expect(ids.length).toBeGreaterThan(4);
  });

  it('has an id that no other has', () => {
    expect(saveId()).toMatch(/^[0-9a-f]{32}$/);
    expect(saveId()).not.toBe(saveId());
  });
});
