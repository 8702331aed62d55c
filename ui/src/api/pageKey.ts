/** The key in the address of an output's page, which opens what is on air there; empty on every other page. */
const KEY = new URLSearchParams(location.search).get('key') ?? '';

/** A path with the key of this page. */
export function withKey(path: string): string {
  return KEY ? `${path}?key=${encodeURIComponent(KEY)}` : path;
}
