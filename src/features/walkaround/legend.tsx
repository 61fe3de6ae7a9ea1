export const stateNames: Record<string, string> = {
  old: 'old finish',
  bare: 'bare',
  epoxy: 'epoxy',
  filler: 'filler',
  'high-build': 'high-build',
  'guide-coat': 'guide coat',
  masked: 'masked',
  sealer: 'sealer',
  colour: 'coloured',
  clear: 'cleared',
  sanded: 'sanded',
  polished: 'polished',
};

/** The looks that are on the net, with their names. */
export function Legend({ states }: { states: string[] }) {
  return (
    <ul className="flex flex-wrap gap-3 text-small">
      {states.map((state) => (
        <li key={state} className="flex items-center gap-1">
          <svg width="16" height="12" aria-hidden="true">
            <rect
              width="16"
              height="12"
              fill={
                ['colour', 'clear', 'sanded', 'polished'].includes(state) ? '#777' : `url(#texture-${state})`
              }
              stroke="var(--ink)"
            />
            {['clear', 'sanded', 'polished'].includes(state) && (
              <rect width="16" height="12" fill={`url(#sheen-${state})`} />
            )}
          </svg>
          {stateNames[state]}
        </li>
      ))}
    </ul>
  );
}
