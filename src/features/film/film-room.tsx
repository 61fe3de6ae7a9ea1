import type { Plan } from '@/core/plan';
import type { JobSection } from '@/core/record';
import { clearLeft } from '@/core/film';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { Empty, Room, Table } from '@/ui/layout';
import { micrometres } from '../words/format';
import { CoatsField } from './coats-field';

export interface FilmRoomProps {
  job: string;
  sections: (JobSection & { seen: number })[];
  summaries: Plan['sections'];
}

const roleNames: Record<string, string> = {
  epoxy: 'epoxy',
  build: 'build',
  primer: 'primer',
  sealer: 'sealer',
  colour: 'colour',
  clear: 'clear',
  topcoat: 'topcoat',
  barrier: 'barrier',
  antifouling: 'antifouling',
};

/** Layers and coats section by section, and what is left of the clear after sanding. */
export function FilmRoom({ job, sections, summaries }: FilmRoomProps) {
  return (
    <>
      <Room title="Film">
        {summaries.length === 0 && <Empty>This job has no sections yet.</Empty>}
        <Table
          caption="Layers by section, from the substrate up"
          head={[
            'Section',
            'Layer',
            'Product',
            { text: 'Coats', right: true },
            { text: 'Computed', right: true },
            { text: 'Dry film a coat', right: true },
            { text: 'Together', right: true },
          ]}
        >
          {summaries.flatMap((summary) => {
            const section = sections.find((one) => one.key === summary.section)!;
            return summary.layers.map((layer, i) => (
              <tr
                key={`${summary.section}${layer.role}`}
                className={i === 0 ? 'border-t-2 border-strong' : 'border-t border-line'}
              >
                <td className="py-[3px] pr-3 font-semibold">
                  {i === 0 ? `${summary.name} · ${section.level}` : ''}
                </td>
                <td className="pr-3">{roleNames[layer.role] ?? layer.role}</td>
                <td className="pr-3">{layer.name}</td>
                <td className="pr-3 text-right">
                  <CoatsField
                    job={job}
                    section={section}
                    role={layer.role}
                    coats={layer.coats}
                    typed={layer.typed}
                  />
                </td>
                <td className={`pr-3 text-right ${layer.typed ? '' : 'text-quiet'}`}>
                  {layer.computedCoats}
                </td>
                <td className="pr-3 text-right">{micrometres(layer.dryUm)}</td>
                <td className="text-right">{micrometres(layer.dryUm * layer.coats)}</td>
              </tr>
            ));
          })}
        </Table>
      </Room>
      <InspectorPanel title="Clear budget" subtitle="flats and edges after sanding and polishing">
        {summaries.map((summary) => {
          const clear = summary.layers.find((layer) => layer.role === 'clear');
          if (!summary.clear || !clear) return null;
          const fewer = summary.clear.coats - clear.coats;
          const { flatUm, edgeUm } = clearLeft(summary.clear, clear.coats, clear.dryUm);
          return (
            <Part key={summary.section} title={summary.name}>
              <Fact label="Laid">
                {clear.coats} × {micrometres(clear.dryUm)}
              </Fact>
              <Fact label="Sanding and polish take">{micrometres(summary.clear.removedFlatUm)}</Fact>
              <Fact label="Left on flats, floor 45">{micrometres(flatUm)}</Fact>
              <Fact label="Left on edges, floor 30">{micrometres(edgeUm)}</Fact>
              <Fact label="Edges taped">
                {summary.clear.tapeThrough === null ? 'not' : `through ${summary.clear.tapeThrough}`}
              </Fact>
              {fewer > 0 && (
                <Notice grade="stop">
                  {summary.clear.coats} coats are needed for level{' '}
                  {sections.find((one) => one.key === summary.section)!.level}
                </Notice>
              )}
            </Part>
          );
        })}
        <p className="pt-2 text-small text-quiet">
          Figures are working defaults; the maker’s data sheet comes first.
        </p>
      </InspectorPanel>
    </>
  );
}
