const NAME = 'glimble house';

/**
 * Hears of every change of the house. A browser keeps few connections to one server, so one of its pages listens and tells the others; when
 * that is closed, another one listens.
 *
 * @param heard is told the revision there is
 * @returns ends it
 */
export function watchHouse(heard: (revision: number) => void): () => void {
  const ended = new AbortController();
  const others = new BroadcastChannel(NAME);
  others.onmessage = ({ data }: MessageEvent<number>) => heard(data);

  function listen(): Promise<void> {
    const source = new EventSource('/api/house/events');
    source.addEventListener('revision', ({ data }: MessageEvent<string>) => {
      const revision = Number(data);
      others.postMessage(revision);
      heard(revision);
    });
    return new Promise((done) =>
      ended.signal.addEventListener('abort', () => {
        source.close();
        done();
      }),
    );
  }

  // Pages that are not served safely cannot agree on who listens: each does.
  if (!('locks' in navigator)) void listen();
  else navigator.locks.request(NAME, { signal: ended.signal }, listen).catch(() => {});
  return () => {
    ended.abort();
    others.close();
  };
}
