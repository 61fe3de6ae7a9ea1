'use client';

import { memo } from 'react';
import type { Mark } from '@/core/record';
import { markSign, markWords } from '../words/survey-words';

const radiusPx = 9;

/** Marks on the net: a plate with the digit of their kind, crossed out when mended. */
export const NetMarks = memo(function NetMarks({ marks, scale }: { marks: readonly Mark[]; scale: number }) {
  return (
    <g className="pointer-events-none">
      {marks.map((mark) => (
        <g key={mark.id} transform={`translate(${mark.x * scale} ${mark.y * scale})`}>
          <title>{`${markWords[mark.kind]} on ${mark.part}`}</title>
          <circle r={radiusPx} fill="var(--raised)" stroke="var(--ink)" strokeWidth={mark.mended ? 1 : 2} />
          <text y="4.5" fontSize="13" fontWeight="600" textAnchor="middle" fill="var(--ink)">
            {markSign(mark.kind)}
          </text>
          {mark.mended && <path d="M-8 8L8-8" stroke="var(--ink)" strokeWidth="1.5" />}
        </g>
      ))}
    </g>
  );
});
