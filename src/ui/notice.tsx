import { CircleCheck, OctagonAlert, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';

const grades = {
  stop: { icon: OctagonAlert, word: 'Stop', colour: 'text-stop' },
  caution: { icon: TriangleAlert, word: 'Caution', colour: 'text-caution' },
  released: { icon: CircleCheck, word: 'In order', colour: 'text-released' },
};

/** A signal: hue never alone, always with an icon and a word. */
export function Notice({ grade, children }: { grade: keyof typeof grades; children: ReactNode }) {
  const { icon: Icon, word, colour } = grades[grade];
  return (
    <p className="flex gap-2 py-1">
      <Icon size={16} className={`mt-[2px] shrink-0 ${colour}`} aria-hidden="true" />
      <span>
        <span className={`font-semibold ${colour}`}>{word}: </span>
        {children}
      </span>
    </p>
  );
}
