import { bends, type SchemeLayout } from '@/core/scheme';
import { Fact } from '@/ui/facts';
import { amount, area } from '../words/format';
import type { LayoutProps } from './layout-props';

const bendNames = { straight: 'straight', gentle: 'gentle bends', tight: 'tight bends' } as const;

/** What each colour covers beside the sections' own, and the edges between fields by their bend. */
export function FieldFigures({ layout, colours }: { layout: SchemeLayout; colours: LayoutProps['colours'] }) {
  if (layout.pieces.length === 0) return <p className="text-quiet">No field is laid out.</p>;
  const areaOf = (id: string) =>
    layout.pieces.reduce((sum, piece) => sum + (piece.colour === id ? piece.areaM2 : 0), 0);
  const edgeM = (bend: (typeof bends)[number]) =>
    layout.edges.reduce((sum, edge) => sum + (edge.bend === bend ? edge.m : 0), 0);
  const used = colours.filter(({ id }) => areaOf(id) > 0);
  return (
    <>
      {used.map(({ id, name }) => (
        <Fact key={id} label={name}>
          {area(areaOf(id))}
        </Fact>
      ))}
      {bends
        .filter((bend) => edgeM(bend) > 0)
        .map((bend) => (
          <Fact key={bend} label={`Edges, ${bendNames[bend]}`}>
            {amount(edgeM(bend), 'm')}
          </Fact>
        ))}
    </>
  );
}
