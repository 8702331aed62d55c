/**
 * Changes that are made to what is drawn, while another change of it is still on its way: only what a change changes is taken over to what
 * there is by then, so that it does not take back the one before.
 */

type Json = unknown;
type Members = Record<string, Json>;

function isMembers(value: Json): value is Members {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

export function same(one: Json, other: Json): boolean {
  if (one === other) return true;
  if (Array.isArray(one) && Array.isArray(other))
    return one.length === other.length && one.every((item, i) => same(item, other[i]));
  if (!isMembers(one) || !isMembers(other)) return false;
  const keys = new Set([...Object.keys(one), ...Object.keys(other)]);
  return [...keys].every((key) => same(one[key], other[key]));
}

/** Whether nothing is changed; a member that is taken away is, though there was none. */
function unchanged(drawn: Json, edited: Json): boolean {
  if (drawn === edited) return true;
  if (Array.isArray(drawn) && Array.isArray(edited))
    return drawn.length === edited.length && drawn.every((item, i) => unchanged(item, edited[i]));
  if (!isMembers(drawn) || !isMembers(edited)) return false;
  const [had, has] = [Object.keys(drawn), Object.keys(edited)];
  return (
    had.every((key) => key in edited && unchanged(drawn[key], edited[key])) &&
    has.every((key) => key in drawn)
  );
}

/** What tells an item of a list from the others: its name, or itself. */
function idOf(item: Json): string | undefined {
  if (typeof item === 'string') return item;
  if (!isMembers(item)) return undefined;
  if (typeof item.key === 'string') return item.key;
  if (typeof item.part === 'string' && typeof item.axis === 'string') return `${item.part} ${item.axis}`;
  const name = item.by ?? item.name;
  return typeof name === 'string' ? `${String(item.phase ?? '')} ${name}` : undefined;
}

/** Items by what tells them apart; nothing if something does not. */
function byId(items: Json[]): Map<string, Json> | undefined {
  const found = new Map<string, Json>();
  for (const item of items) {
    const id = idOf(item);
    if (id === undefined || found.has(id)) return undefined;
    found.set(id, item);
  }
  return found;
}

/** What is in a list but not in another one comes after the one it stood after, and after what came there meanwhile. */
function put(order: string[], from: string[], keep: (id: string) => boolean): string[] {
  const all = [...order];
  from.forEach((id, i) => {
    if (all.includes(id) || !keep(id)) return;
    const before = from
      .slice(0, i)
      .reverse()
      .find((other) => all.includes(other));
    let place = before === undefined ? 0 : all.indexOf(before) + 1;
    while (place < all.length && !from.includes(all[place]!)) place++;
    all.splice(place, 0, id);
  });
  return all;
}

/** Whether the items that both have come in another order. */
function isReordered(before: Map<string, Json>, after: Map<string, Json>): boolean {
  const kept = [...before.keys()].filter((id) => after.has(id));
  const now = [...after.keys()].filter((id) => before.has(id));
  return kept.some((id, i) => id !== now[i]);
}

function lists(drawn: Json[], edited: Json[], now: Json[], asked: Json[]): Json[] {
  const [was, meant, is, wanted] = [byId(drawn), byId(edited), byId(now), byId(asked)];
  if (!was || !meant || !is || !wanted) {
    const alike = [edited, now, asked].every((list) => list.length === drawn.length);
    return alike ? now.map((item, i) => rebased(drawn[i], edited[i], item, asked[i])) : asked;
  }
  const left = [...is.keys()].filter((id) => wanted.has(id) || !was.has(id) || meant.has(id));
  // What was removed meanwhile does not come back.
  const comes = (id: string) => !was.has(id);
  const stays = (id: string) => left.includes(id);
  const order = isReordered(was, meant)
    ? put(
        [...wanted.keys()].filter((id) => is.has(id) || comes(id)),
        left,
        stays,
      )
    : put(left, [...wanted.keys()], comes);
  return order.map((id) => {
    const [item, want] = [is.get(id), wanted.get(id)];
    if (item === undefined) return want;
    if (want === undefined) return item;
    return was.has(id) && meant.has(id) ? rebased(was.get(id), meant.get(id), item, want) : want;
  });
}

/** Something of another kind altogether, such as px in the place of what is wrapped. */
function isOtherKind(before: Members, after: Members): boolean {
  const [had, has] = [Object.keys(before), Object.keys(after)];
  return had.length > 0 && has.length > 0 && !had.some((key) => has.includes(key));
}

/**
 * @param drawn what a change was made to
 * @param edited what it made of it
 * @param now what there is by now
 * @param asked what it makes of that
 * @returns what there is by now, with what the change changes
 */
export function rebased<T>(drawn: T, edited: T, now: T, asked: T): T {
  if (unchanged(drawn, edited)) return now;
  if (same(drawn, now)) return edited;
  if (Array.isArray(drawn) && Array.isArray(edited) && Array.isArray(now) && Array.isArray(asked))
    return lists(drawn, edited, now, asked) as T;
  if (!isMembers(drawn) || !isMembers(edited) || !isMembers(now) || !isMembers(asked)) return asked;
  if (isOtherKind(drawn, edited)) return asked;
  const keys = new Set([...Object.keys(now), ...Object.keys(asked)]);
  const members: Members = {};
  for (const key of keys) {
    // Taken away, though it may have come only meanwhile.
    if (key in edited && edited[key] === undefined) continue;
    const member = rebased<Json>(drawn[key], edited[key], now[key], asked[key]);
    if (member !== undefined) members[key] = member;
  }
  return members as T;
}
