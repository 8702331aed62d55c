/** A value of a document that holds no others. */
export type Leaf = number | string | boolean;

/** A place of which the value is another one, or there was none before. */
export interface Changed {
  /** Names from the root down with a slash between, as dials call it. */
  place: string;
  before: Leaf | undefined;
  after: Leaf;
}

type Node = Record<string, unknown>;

function isNode(value: unknown): value is Node {
  return typeof value === 'object' && value !== null;
}

/** What an item of a list is called: by its key, a variant by phase and name, what is of a part by it; anything else by its index. */
function called(item: unknown, index: number): string {
  if (!isNode(item)) return String(index);
  const { key, phase, name, part, axis } = item;
  if (typeof key === 'string') return key;
  if (typeof phase === 'string' && typeof name === 'string') return `${phase} ${name}`;
  if (typeof part !== 'string') return String(index);
  return typeof axis === 'string' ? `${part} ${axis}` : part;
}

function entries(node: Node): [string, unknown][] {
  return Array.isArray(node) ? node.map((item, i) => [called(item, i), item]) : Object.entries(node);
}

function child(node: unknown, name: string): unknown {
  if (!isNode(node)) return undefined;
  return Array.isArray(node) ? node.find((item, i) => called(item, i) === name) : node[name];
}

/** What stands at a place; undefined if nothing does. */
export function at(document: unknown, place: string): unknown {
  return place.split('/').reduce<unknown>(child, document);
}

/** The same with another value at a place; unchanged if there is nothing that could hold it. */
export function put<T>(document: T, place: string, value: Leaf): T {
  const [name, ...rest] = place.split('/');
  if (!isNode(document)) return document;
  const inner = child(document, name!);
  if (rest.length > 0 && !isNode(inner)) return document;
  const next = rest.length > 0 ? put(inner, rest.join('/'), value) : value;
  if (!Array.isArray(document)) return { ...document, [name!]: next };
  return document.map((item, i) => (called(item, i) === name ? next : item)) as T;
}

/** Every value that another document has otherwise; what it has no more is not told. */
export function changed(before: unknown, after: unknown, place = ''): Changed[] {
  if (before === after) return [];
  if (isNode(after)) {
    return entries(after).flatMap(([name, value]) =>
      changed(child(before, name), value, place ? `${place}/${name}` : name),
    );
  }
  if (after === undefined || after === null) return [];
  return [{ place, before: isNode(before) ? undefined : (before as Leaf | undefined), after: after as Leaf }];
}
