import type { Strip } from '@/core/scheme';
import { stripName } from '../words/scheme-words';

/** Files to lay the scheme out by: each strip at true scale, and all stations as a table. */
export function SchemeFiles({ job, strips }: { job: string; strips: readonly Strip[] }) {
  return (
    <>
      <p className="text-quiet">One millimetre is one millimetre: print without fitting to the page.</p>
      <ul className="py-1">
        {strips.map(({ key }) => (
          <li key={key}>
            <a className="underline" href={`/api/jobs/${job}/mask-map?strip=${key}`} download>
              {stripName(key)}, mask map, SVG
            </a>
          </li>
        ))}
        <li>
          <a className="underline" href={`/api/jobs/${job}/stations`} download>
            Stations, CSV
          </a>
        </li>
      </ul>
    </>
  );
}
