/** The token that goes with whoever has signed in; empty where nobody has to. */
export function token(): string {
  const found = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie);
  return found ? decodeURIComponent(found[1]!) : '';
}
