import { stripName } from '@/core/record';
import type { SchemeLayout, Strip } from '@/core/scheme';

const papers = { a4: 'A4', a3: 'A3', letter: 'Letter' } as const;

/** Files to lay the scheme out by: strips at true scale on sheets or as one drawing, stations and colours as tables. */
export function SchemeFiles({
  job,
  strips,
  layout,
}: {
  job: string;
  strips: readonly Strip[];
  layout: SchemeLayout;
}) {
  const lined = new Set(layout.pieces.map((piece) => piece.panel));
  return (
    <>
      <p className="text-quiet">One millimetre is one millimetre: print at 100 %, and measure the bar.</p>
      <ul className="py-1">
        {strips.map(({ key, panels }) => (
          <li key={key}>
            {stripName(key)}, mask map:{' '}
            <FileLink href={`/api/jobs/${job}/mask-map?strip=${key}`}>SVG</FileLink>
            {panels.some(({ part }) => lined.has(part.key)) &&
              Object.entries(papers).map(([paper, name]) => (
                <span key={paper}>
                  {', '}
                  <FileLink href={`/api/jobs/${job}/mask-map?strip=${key}&paper=${paper}`}>{name}</FileLink>
                </span>
              ))}
          </li>
        ))}
        <li>
          Stations: <FileLink href={`/api/jobs/${job}/stations`}>CSV</FileLink>
        </li>
        <li>
          Colours: <FileLink href={`/api/jobs/${job}/colours`}>CGATS text</FileLink>
        </li>
      </ul>
    </>
  );
}

function FileLink({ href, children }: { href: string; children: string }) {
  return (
    <a className="underline" href={href} download>
      {children}
    </a>
  );
}
