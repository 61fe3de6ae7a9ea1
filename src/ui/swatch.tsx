/** The job's paints as a small two-tone mark with an ink outline. */
export function Swatch({ colours, label }: { colours: readonly string[]; label: string }) {
  const [first = '#999999', second = first] = colours;
  return (
    <svg width="22" height="16" viewBox="0 0 22 16" role="img" aria-label={label} className="shrink-0">
      <rect x=".5" y=".5" width="21" height="15" fill={first} stroke="currentColor" />
      <path d="M1 15 21 1v14z" fill={second} />
      <rect x=".5" y=".5" width="21" height="15" fill="none" stroke="currentColor" />
    </svg>
  );
}
