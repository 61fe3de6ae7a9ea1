'use client';

import { edgeBandM2 } from '@/core/geometry';
import { neighboursOf, sizeOf, type GapLine } from '@/core/vehicle';
import { Fact, Part } from '@/ui/facts';
import { EditText } from '../frame/edit-field';
import { area } from '../words/format';
import { PanelSection } from './panel-section';
import { SectionFields } from './section-fields';
import type { SurveyActions } from './survey-actions';
import type { PanelShown, SectionShown } from './walkaround-props';

const figureOf = (text: string): number | null => (text === '' ? null : Number(text));

/** The panel's areas and lengths, measured over computed, its neighbours, and its section's choices. */
export function PanelMeasure({
  job,
  panel,
  section,
  sections,
  lines,
  actions,
}: {
  job: string;
  panel: PanelShown;
  section: SectionShown;
  sections: readonly SectionShown[];
  lines: readonly GapLine[];
  actions: SurveyActions;
}) {
  const { part, survey } = panel;
  const size = sizeOf(part);
  const length = (
    label: string,
    key: 'insideM2' | 'trimM' | 'seamM' | 'beadM' | 'rivetM',
    unit: string,
    value: number,
  ) => (
    <Fact label={`${label}${survey?.[key] === null || !survey ? '' : ', measured'}`}>
      <EditText
        label={`${label} of this panel`}
        quiet
        type="number"
        step="any"
        unit={unit}
        value={value.toFixed(2)}
        toEdit={(text) => actions.toEdit({ [key]: figureOf(text) })}
      />
    </Fact>
  );
  return (
    <>
      <Part title="Measured">
        <Fact label={part.measured ? 'Outside, measured' : 'Outside, from the net'}>
          <EditText
            label="Outside area of this panel"
            quiet
            type="number"
            step="any"
            unit="m²"
            value={part.outsideM2.toFixed(2)}
            toEdit={(text) => ({
              kind: 'measure',
              job,
              part: part.key,
              seen: panel.measuredSeen,
              outsideM2: figureOf(text),
            })}
          />
        </Fact>
        {length('Inside and edges', 'insideM2', 'm²', part.insideM2)}
        {length('Trim to tape', 'trimM', 'm', part.trimM)}
        {length('Seams', 'seamM', 'm', part.seamM)}
        {length('Beads and creases', 'beadM', 'm', part.beadM)}
        {length('Rivet lines', 'rivetM', 'm', part.rivetM)}
        <p className="text-small text-quiet">Empty a figure to return to the computed one.</p>
        <Fact label="Within 25 mm of an edge">{area(edgeBandM2(part, 0.025))}</Fact>
        <Fact label="Lying flat">
          {size.lengthM.toFixed(2)} × {size.widthM.toFixed(2)} m
        </Fact>
        <Fact label="Curve factor">
          {part.curveFactor.toFixed(2)}, {part.curveReason}
        </Fact>
        <Fact label="Gap lines">
          {neighboursOf(part.key, lines)
            .slice(0, 5)
            .map((one) => `${one.key} ${one.lengthM.toFixed(2)} m`)
            .join(', ') || 'none'}
        </Fact>
      </Part>
      <PanelSection job={job} section={section} sections={sections} actions={actions} />
      <Part title={section.name}>
        <SectionFields job={job} section={section} seen={section.seen} />
        <Fact label="Section, outside">{area(section.outsideM2)}</Fact>
        <Fact label="Section, inside">{area(section.insideM2)}</Fact>
      </Part>
    </>
  );
}
