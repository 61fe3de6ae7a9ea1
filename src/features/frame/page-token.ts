/** Header in which a page of ours shows that it is one; the server looks for it with every write of a session. */
export const pageTokenHeader = 'x-page-token';

/** The token that the page carries; empty where nobody is signed in. */
export const pageToken = (): string =>
  typeof document === 'undefined'
    ? ''
    : (document.querySelector<HTMLMetaElement>('meta[name="page-token"]')?.content ?? '');
