import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { rebased, same } from './rebase';

/* eslint-disable @typescript-eslint/no-explicit-any -- any document at all */

const DEMOS = '../formats/src/main/resources/glimble/demo/';
const demos = readdirSync(DEMOS)
  .filter((name) => name.endsWith('.json') && name !== 'house.json')
  .map((name): [string, any] => [name, JSON.parse(readFileSync(DEMOS + name, 'utf8'))])
  .filter(([, document]) => Array.isArray(document.parts));

/** What tells items apart. */
const IDS = ['key', 'by', 'name', 'part', 'axis', 'phase'];

type Path = (string | number)[];

function random(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state / 2147483648;
  };
}

function leaves(value: any, path: Path = []): Path[] {
  if (Array.isArray(value))
    return value.flatMap((item, i) => (typeof item === 'string' ? [] : leaves(item, [...path, i])));
  if (value && typeof value === 'object')
    return Object.entries(value).flatMap(([key, member]) => leaves(member, [...path, key]));
  return path.length > 1 && !IDS.includes(String(path.at(-1))) ? [path] : [];
}

function at(value: any, path: Path): any {
  return path.reduce((found, step) => found[step], value);
}

function put(value: any, path: Path, leaf: any): any {
  if (path.length === 0) return leaf;
  const [step, ...rest] = path;
  const copy = Array.isArray(value) ? [...value] : { ...value };
  copy[step!] = put(value[step!], rest, leaf);
  return copy;
}

function other(leaf: any): any {
  if (typeof leaf === 'number') return leaf + 1;
  return typeof leaf === 'boolean' ? !leaf : `${leaf} changed`;
}

describe('a change that is made to what is drawn while another is on its way', () => {
  it('reads demos', () => expect(demos.length).toBeGreaterThan(5));

  it.each(demos)('takes nothing back of %s', (_, drawn) => {
    const next = random(7);
    const all = leaves(drawn);
    for (let i = 0; i < 400; i++) {
      const first = all[Math.floor(next() * all.length)]!;
      // Half of them in the same sentence.
      const near = all.filter((path) => path.slice(0, 3).join() === first.slice(0, 3).join());
      const from = next() < 0.5 ? near : all;
      const second = from[Math.floor(next() * from.length)]!;
      if (first.join() === second.join()) continue;
      const now = put(drawn, first, other(at(drawn, first)));
      // A sentence sends all of what it is of, as it was drawn.
      const depth = 1 + Math.floor(next() * (second.length - 1));
      const [whole, within] = [second.slice(0, depth), second.slice(depth)];
      const sent = put(at(drawn, whole), within, other(at(drawn, second)));
      const rule = (document: any) => put(document, whole, sent);
      const found = rebased(drawn, rule(drawn), now, rule(now));
      expect(found, `${first.join('/')} and then ${second.join('/')}`).toEqual(
        put(now, second, other(at(drawn, second))),
      );
    }
  });

  it('knows what is the same', () => {
    expect(same({ a: [1, { b: undefined }] }, { a: [1, {}] })).toBe(true);
    expect(same({ a: [1, 2] }, { a: [2, 1] })).toBe(false);
    expect(same([], {})).toBe(false);
  });

  const list = (...keys: string[]) => keys.map((key) => ({ key, size: 1 }));

  it('keeps what was added and what was removed meanwhile', () => {
    const drawn = list('a', 'b', 'c');
    expect(
      rebased(drawn, list('a', 'b', 'c', 'd'), list('a', 'x', 'b', 'c'), list('a', 'b', 'c', 'd')),
    ).toEqual(list('a', 'x', 'b', 'c', 'd'));
    expect(rebased(drawn, list('a', 'c'), list('a', 'b', 'c', 'x'), list('a', 'c'))).toEqual(
      list('a', 'c', 'x'),
    );
    // Removed meanwhile, and still in what is sent.
    expect(rebased(drawn, list('a', 'b', 'c', 'd'), list('b', 'c'), list('a', 'b', 'c', 'd'))).toEqual(
      list('b', 'c', 'd'),
    );
  });

  it('orders what is there', () => {
    const drawn = list('a', 'b', 'c');
    expect(rebased(drawn, list('c', 'a', 'b'), list('a', 'b', 'x', 'c'), list('c', 'a', 'b'))).toEqual(
      list('c', 'a', 'b', 'x'),
    );
  });

  it('ticks two of a list', () => {
    expect(rebased(['a'], ['a', 'c'], ['a', 'b'], ['a', 'c'])).toEqual(['a', 'b', 'c']);
    expect(rebased(['a', 'b'], ['b'], ['a'], ['b'])).toEqual([]);
  });

  it('leaves nothing of another kind', () => {
    const wraps = { wraps: ['name'], take: 'longest', pad: [4, 4] };
    const now = { ...wraps, pad: [9, 9], revealed: true };
    expect(rebased<object>(wraps, { px: 100 }, now, { px: 100 })).toEqual({ px: 100 });
  });

  it('goes on from what there is where a change is a step', () => {
    const up = (document: { plus: number; stays: boolean }) => ({ ...document, plus: document.plus + 10 });
    const drawn = { plus: 4, stays: false };
    const now = { plus: 14, stays: true };
    expect(rebased(drawn, up(drawn), now, up(now))).toEqual({ plus: 24, stays: true });
  });

  it('takes away what came meanwhile where that is what is changed', () => {
    const clear = (move: object) => ({ ...move, channel: 'y', soft: undefined });
    const drawn = { moves: [{ key: 'a', channel: 'reveal' }] };
    const now = { moves: [{ key: 'a', channel: 'reveal', soft: 1 }] };
    const rule = (document: typeof drawn) => ({ moves: document.moves.map(clear) });
    expect(rebased<object>(drawn, rule(drawn), now, rule(now))).toEqual({
      moves: [{ key: 'a', channel: 'y' }],
    });
    const only = (move: object) => ({ ...move, soft: undefined });
    expect(rebased<object>({ a: 1 }, only({ a: 1 }), { a: 2, soft: 3 }, only({ a: 2, soft: 3 }))).toEqual({
      a: 2,
    });
  });

  it('keeps members that came meanwhile', () => {
    expect(rebased<object>({ a: 1 }, { a: 2 }, { a: 1, b: 3 }, { a: 2 })).toEqual({ a: 2, b: 3 });
    expect(rebased<object>({}, { a: 2 }, { b: 3 }, { a: 2 })).toEqual({ a: 2, b: 3 });
  });
});
