/** A write that somebody made: where, and under which request. */
export interface LiveChange {
  room: string;
  request: string;
}

const channelName = 'coatrel-live';

/**
 * Hears of writes as they happen. One page of a browser listens to the server and tells the others: a browser opens only
 * six connections to a host, and a page must not wait for one. Where the listening page goes, another takes its place.
 * @returns to stop
 */
export function hearChanges(listener: (changes: readonly LiveChange[]) => void): () => void {
  if (typeof EventSource === 'undefined' || typeof BroadcastChannel === 'undefined') return () => {};
  const others = new BroadcastChannel(channelName);
  others.onmessage = ({ data }: MessageEvent<LiveChange[]>) => listener(data);
  const stopped = new AbortController();
  const listen = () =>
    new Promise<void>((done) => {
      const source = new EventSource('/api/live');
      source.onmessage = ({ data }: MessageEvent<string>) => {
        const changes = JSON.parse(data) as LiveChange[];
        others.postMessage(changes);
        listener(changes);
      };
      stopped.signal.addEventListener('abort', () => {
        source.close();
        done();
      });
    });
  // A page that is not over https, elsewhere than on this machine, has no locks: then each listens for itself.
  if (navigator.locks)
    void navigator.locks.request(channelName, { signal: stopped.signal }, listen).catch(() => {});
  else void listen();
  return () => {
    stopped.abort();
    others.close();
  };
}
