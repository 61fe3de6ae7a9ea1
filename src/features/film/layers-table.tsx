import { Table } from '@/ui/layout';
import { micrometres } from '../words/format';
import { CoatsField } from './coats-field';
import type { FilmSection } from './film-props';

/** Every layer with its coats; a typed number stands beside the computed one. */
export function LayersTable({ job, sections }: { job: string; sections: readonly FilmSection[] }) {
  return (
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
      {sections.flatMap(({ key, name, level, section, layers }) =>
        layers.map((layer, i) => (
          <tr key={`${key}${i}`} className={i === 0 ? 'border-t-2 border-strong' : 'border-t border-line'}>
            <td className="py-[3px] pr-3 font-semibold">{i === 0 ? `${name} · ${level}` : ''}</td>
            <td className="pr-3">{layer.role}</td>
            <td className="pr-3">{layer.name}</td>
            <td className="pr-3 text-right">
              {isTopmost(layers, i) ? (
                <CoatsField
                  job={job}
                  section={section}
                  role={layer.role}
                  coats={layer.coats}
                  typed={layer.typed}
                />
              ) : (
                layer.coats
              )}
            </td>
            <td className={`pr-3 text-right ${layer.typed ? '' : 'text-quiet'}`}>{layer.computedCoats}</td>
            <td className="pr-3 text-right">{micrometres(layer.dryUm)}</td>
            <td className="text-right">{micrometres(layer.dryUm * layer.coats)}</td>
          </tr>
        )),
      )}
    </Table>
  );
}

/** A count that is typed is that of the topmost layer of its role; the system has the others. */
const isTopmost = (layers: readonly { role: string }[], at: number): boolean =>
  layers.findLastIndex((one) => one.role === layers[at]!.role) === at;
