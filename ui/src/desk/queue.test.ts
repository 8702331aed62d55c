import { describe, expect, it } from 'vitest';
import { Queue } from './queue';

/** Work that ends when it is told to. */
function held(atOnce = 1, kept = 100) {
  const begun: string[] = [];
  const ends = new Map<string, (failed?: Error) => void>();
  const queue = new Queue<string, string>(
    (of) => {
      begun.push(of);
      return new Promise((done, fail) =>
        ends.set(of, (failed) => (failed ? fail(failed) : done(of.toUpperCase()))),
      );
    },
    { atOnce, kept },
  );
  const end = async (of: string, failed?: Error) => {
    ends.get(of)!(failed);
    await new Promise((done) => setTimeout(done));
  };
  return { queue, begun, end };
}

describe('work of which a few are done at a time', () => {
  it('is done once, in the order in which it was asked for', async () => {
    const { queue, begun, end } = held(2);
    const all = ['a', 'b', 'c', 'a', 'd'].map((of) => queue.of(of));
    expect(begun).toEqual(['a', 'b']);
    await end('b');
    expect(begun).toEqual(['a', 'b', 'c']);
    await end('a');
    await end('c');
    await end('d');
    expect(await Promise.all(all)).toEqual(['A', 'B', 'C', 'A', 'D']);
    await queue.of('c');
    expect(begun).toEqual(['a', 'b', 'c', 'd']);
  });

  it('begins at once where somebody waits, though it has waited itself', () => {
    const { queue, begun } = held();
    for (const of of ['a', 'b', 'c']) void queue.of(of);
    void queue.of('c', 'now');
    expect(begun).toEqual(['a', 'c']);
    void queue.of('c', 'now');
    expect(begun).toEqual(['a', 'c']);
  });

  it('begins next with what is in sight, in its order', async () => {
    const { queue, begun, end } = held();
    for (const of of ['a', 'b', 'c', 'd', 'e']) void queue.of(of);
    for (const of of ['d', 'e']) void queue.of(of, 'soon');
    for (const of of ['a', 'd', 'e', 'b', 'c']) await end(of);
    expect(begun).toEqual(['a', 'd', 'e', 'b', 'c']);
  });

  it('drops what has not begun once it is left, and does it when it is asked for again', async () => {
    const { queue, begun, end } = held();
    const first = queue.of('a');
    const second = queue.of('b');
    queue.leave();
    await expect(second).rejects.toThrow('Not wanted');
    await end('a');
    expect(await first).toBe('A');
    expect(begun).toEqual(['a']);
    const again = queue.of('b');
    await end('b');
    expect(await again).toBe('B');
  });

  it('asks again for what failed', async () => {
    const { queue, begun, end } = held();
    const failing = queue.of('a');
    await end('a', new Error('away'));
    await expect(failing).rejects.toThrow('away');
    void queue.of('a');
    expect(begun).toEqual(['a', 'a']);
  });

  it('keeps what was asked for last', async () => {
    const { queue, begun, end } = held(1, 2);
    for (const of of ['a', 'b']) {
      void queue.of(of);
      await end(of);
    }
    void queue.of('a');
    void queue.of('c');
    await end('c');
    void queue.of('a');
    expect(begun).toEqual(['a', 'b', 'c']);
    void queue.of('b');
    expect(begun).toEqual(['a', 'b', 'c', 'b']);
  });
});
