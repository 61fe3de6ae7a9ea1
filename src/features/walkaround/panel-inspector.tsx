'use client';

import type { GapLine } from '@/core/vehicle';
import { InspectorPanel } from '@/ui/facts';
import { Tabs } from '@/ui/tabs';
import type { Locale } from '../words/format';
import { PanelBeneath } from './panel-beneath';
import { PanelCondition } from './panel-condition';
import { PanelDepth } from './panel-depth';
import { PanelMeasure } from './panel-measure';
import { PanelShape } from './panel-shape';
import type { SurveyActions } from './survey-actions';
import type { MarkShown, PanelShown, ReadingShown, SectionShown } from './walkaround-props';

interface Props {
  job: string;
  panel: PanelShown;
  /** How many panels are selected in all; findings go to all of them. */
  count: number;
  section: SectionShown;
  sections: readonly SectionShown[];
  look: string;
  marks: readonly MarkShown[];
  readings: readonly ReadingShown[];
  lines: readonly GapLine[];
  actions: SurveyActions;
  onAccept(): void;
  panels: readonly PanelShown[];
  /** The panel is no more: nothing is selected then. */
  onGone(): void;
  page: string;
  onPage(page: string): void;
  locale: Locale;
}

/** One panel, or the first of several: measures, condition, what lies beneath, how far down. */
export function PanelInspector(props: Props) {
  const { job, panel, count, section, look, marks, readings, lines, actions, onAccept, page, onPage } = props;
  const { part, survey } = panel;
  const own = { job, panel, section, actions };
  return (
    <InspectorPanel
      title={`${part.key} ${part.name}`}
      subtitle={
        count > 1
          ? `and ${count - 1} more: findings go to all of them`
          : `${section.name} · ${part.shape} · ${survey?.absent ? 'left out' : look}`
      }
    >
      <Tabs
        label="Pages of the panel"
        value={page}
        onChange={onPage}
        pages={[
          {
            key: 'measure',
            name: 'Measure',
            content: (
              <>
                <PanelMeasure {...own} sections={props.sections} lines={lines} />
                <PanelShape
                  key={part.key}
                  job={job}
                  panel={panel}
                  panels={props.panels}
                  onGone={props.onGone}
                />
              </>
            ),
          },
          {
            key: 'condition',
            name: 'Condition',
            content: (
              <PanelCondition
                key={part.key}
                job={job}
                part={part.key}
                substrate={survey?.substrate ?? section.substrate}
                marks={marks.filter((mark) => mark.part === part.key)}
                readings={readings.filter((reading) => reading.part === part.key)}
                actions={actions}
              />
            ),
          },
          { key: 'beneath', name: 'Beneath', content: <PanelBeneath key={part.key} {...own} /> },
          {
            key: 'depth',
            name: 'How far',
            content: <PanelDepth key={part.key} {...own} onAccept={onAccept} locale={props.locale} />,
          },
        ]}
      />
    </InspectorPanel>
  );
}
