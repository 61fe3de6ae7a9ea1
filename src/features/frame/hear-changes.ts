/** A write that somebody made: its place in the record, where, and under which request. */
export interface LiveChange {
  id: number;
  room: string;
  request: string;
}
type Listener = (changes: readonly LiveChange[]) => void;

const channelName = 'coatrel-live';
const canHear = (): boolean => typeof EventSource !== 'undefined' && typeof BroadcastChannel !== 'undefined';

/** Hears of writes from another page of this browser, one of which listens for all. @returns to stop */
export function hearOthers(listener: Listener): () => void {
  if (!canHear()) return () => {};
  const others = new BroadcastChannel(channelName);
  others.onmessage = ({ data }: MessageEvent<LiveChange[]>) => listener(data);
  return () => others.close();
}

/** The last write that stood in the record when this page was made. */
const pageMark = (): string =>
  document.querySelector<HTMLMetaElement>('meta[name="live-mark"]')?.content ?? '';

/**
 * Listens to the server, for this page and the others of this browser: a browser opens only six connections to a host, and
 * a page must not wait for one. Where the listening page goes, another takes its place. What was written since the page
 * was made, or while the line was broken, is told as well.
 * @returns to stop
 */
export function listenForAll(listener: Listener): () => void {
  if (!canHear()) return () => {};
  const others = new BroadcastChannel(channelName);
  const stopped = new AbortController();
  const listen = () =>
    new Promise<void>((done) => {
      const source = new EventSource(`/api/live?since=${pageMark()}`);
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
