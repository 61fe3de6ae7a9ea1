/** Begins what a process that serves pages does besides; the framework calls it once, before the first page. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs' || !process.env.COATREL_BOUND) return;
  const { beginDuties } = await import('./server/duties');
  beginDuties();
}
