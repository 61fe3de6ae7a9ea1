'use client';

import type { HidesOver } from '@/core/film';
import type { HidingRow } from '@/core/readings/hiding';
import type { Edit, JobSection } from '@/core/record';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { Swatch } from '@/ui/swatch';
import { refusalOf, useAnswer } from '../frame/asking';
import { EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { counted, firstTwo } from '../words/counted';
import { deltaE } from '../words/format';
import { useOpen } from '../frame/who';

interface HidingProps {
  job: string;
  planHash: string;
  sections: readonly (JobSection & { seen: number })[];
  colours: readonly { id: string; seen: number; hides: readonly HidesOver[] }[];
}

/** What each colour hides of its ground in the coats that are planned, and what to do where it does not. */
export function HidingTable({ job, planHash, sections, colours }: HidingProps) {
  const path = `/api/jobs/${encodeURIComponent(job)}/hiding`;
  const answer = useAnswer<{ rows: HidingRow[] }>(path, [planHash], true);
  const rows = answer.data?.rows ?? [];
  return (
    <section aria-label="Ground and hiding" className="pt-5">
      <h2 className="pb-1 font-semibold">Ground and hiding</h2>
      <p className="max-w-prose pb-1 text-quiet">
        Reckoned from the screen colour with invented toners: it says where to spray a card, not what the card
        will show. What the card shows stands before it: type the dry film at which the ground was hidden.
      </p>
      {answer.error && <Notice grade="stop">{refusalOf(answer.error)}</Notice>}
      {answer.isFetching && rows.length === 0 && <p className="text-quiet">Reckoning …</p>}
      {answer.data && rows.length === 0 && <Empty>No colour is laid on any panel yet.</Empty>}
      {rows.length > 0 && (
        <Table
          caption="What each colour hides"
          head={[
            'Colour',
            'On',
            'Over',
            { text: 'Coats', right: true },
            'Shows',
            { text: 'Hides at, µm', right: true },
            { text: 'Over other grounds', width: '18%' },
            '',
          ]}
        >
          {rows.map((row, i) => (
            <tr key={`${row.colour} ${i}`} className="border-b border-line align-top">
              <td className="py-1 pr-3">
                <span className="inline-flex items-center gap-1 whitespace-nowrap">
                  <Swatch colours={[row.look?.hex ?? row.hex]} label="" /> {row.name}
                </span>
              </td>
              <td className="py-1 pr-3 text-quiet">{areasText(row)}</td>
              <td className="py-1 pr-3">{row.ground || 'what nobody has named'}</td>
              <td className="py-1 pr-3 text-right tabular-nums">{row.coats}</td>
              <td className="py-1 pr-3">{showsText(row)}</td>
              <td className="py-1 pr-3 text-right">
                <HidesAt row={row} job={job} own={colours.find((one) => one.id === row.colour)} />
              </td>
              <td className="py-1 pr-3 text-quiet">
                <Others row={row} />
              </td>
              <td className="py-1">
                <LayMore row={row} edit={moreCoats(row, { job, sections, colours })} />
                <LayGround row={row} edit={groundCoatEdit(row, job, colours)} />
              </td>
            </tr>
          ))}
        </Table>
      )}
    </section>
  );
}

/** The film at which a card was hidden; emptied, the spectrum tells again. */
function HidesAt({
  row: { name, ground, groundKey, hides, hidesAtUm },
  job,
  own,
}: {
  row: HidingRow;
  job: string;
  own: HidingProps['colours'][number] | undefined;
}) {
  if (!hides || groundKey === '' || !own) return null;
  const others = own.hides.filter((one) => one.over !== groundKey);
  return (
    <EditText
      label={`Dry film at which ${name} hides ${ground}, µm`}
      quiet
      type="number"
      min={1}
      max={2000}
      className="w-16 text-right"
      value={hidesAtUm === null ? '' : String(hidesAtUm)}
      toEdit={(text) => ({
        kind: 'set-item',
        job,
        list: 'colours',
        id: own.id,
        seen: own.seen,
        set: { hides: text === '' ? others : [...others, { over: groundKey, um: Number(text) }] },
      })}
    />
  );
}

const areasText = ({ areas, face }: HidingRow): string =>
  `${firstTwo(areas)}${face === 'inside' ? ', insides' : ''}`;

function showsText({ hides, look, ground, hidesAtUm }: HidingRow): string {
  if (look)
    return [
      look.deltaE < 1 ? 'the look that is wanted' : `${deltaE(look.deltaE)} from the look that is wanted`,
      `one coat more ${deltaE(look.coatDeltaE)}`,
      `15 % more film beside 15 % less ${deltaE(look.mottleDeltaE)}`,
    ].join('; ');
  if (!hides) return ground ? 'not known' : 'not known: name its ground';
  if (hides.isHidden)
    return hidesAtUm === null ? `hidden, ${deltaE(hides.leftDeltaE)} left` : 'hidden, by card';
  const needed =
    hides.coats === null ? 'no number of coats hides it: lay a ground coat' : `${hides.coats} coats hide it`;
  return `${deltaE(hides.leftDeltaE)} to be seen; ${needed}`;
}

function Others({ row }: { row: HidingRow }) {
  if (row.others.length === 0) return null;
  return (
    <ul>
      {row.others.map(({ name, coats, look }) => (
        <li key={name}>
          {look ? (
            <span className="inline-flex items-center gap-1">
              <Swatch colours={[look.hex]} label={`over ${name}`} /> {name}, {deltaE(look.deltaE)}
            </span>
          ) : (
            `${name}: ${coats === null ? 'never' : counted(coats, 'coat')}`
          )}
        </li>
      ))}
    </ul>
  );
}

/** The edit that lays as many coats as hide the ground; null where none helps or none is missing. */
function moreCoats(
  { hides, typedWith, colour, role }: HidingRow,
  { job, sections, colours }: Omit<HidingProps, 'planHash'>,
): { coats: number; edit: Edit } | null {
  if (!hides || hides.isHidden || hides.coats === null) return null;
  const { coats } = hides;
  if (typedWith === 'colour') {
    const own = colours.find((one) => one.id === colour);
    return (
      (own && {
        coats,
        edit: { kind: 'set-item', job, list: 'colours', id: colour, seen: own.seen, set: { coats } },
      }) ??
      null
    );
  }
  const section = sections.find((one) => one.key === typedWith.section);
  if (!section) return null;
  const set = { coats: { ...section.coats, [role]: coats } };
  return { coats, edit: { kind: 'section', job, section: section.key, seen: section.seen, set } };
}

function LayMore({ row, edit }: { row: HidingRow; edit: { coats: number; edit: Edit } | null }) {
  const { save } = useSaving();
  const live = useOpen('section');
  if (!edit) return null;
  return (
    <Button disabled={!live} onClick={() => void save(edit.edit)}>
      Lay {counted(edit.coats, 'coat')}
      <span className="sr-only"> of {row.name}</span>
    </Button>
  );
}

/** The edit that puts a ground coat under a colour; null where none helps. */
function groundCoatEdit(
  { groundCoat, colour }: HidingRow,
  job: string,
  colours: HidingProps['colours'],
): Edit | null {
  const own = colours.find((one) => one.id === colour);
  if (!groundCoat || !own) return null;
  const set = { groundCoat: groundCoat.product };
  return { kind: 'set-item', job, list: 'colours', id: colour, seen: own.seen, set };
}

function LayGround({ row, edit }: { row: HidingRow; edit: Edit | null }) {
  const { save } = useSaving();
  const live = useOpen('section');
  if (!edit || !row.groundCoat) return null;
  const { name, coats } = row.groundCoat;
  return (
    <span className="block pt-1">
      <Button disabled={!live} onClick={() => void save(edit)}>
        Ground coat<span className="sr-only"> under {row.name}</span>
      </Button>
      <span className="block text-small text-quiet">
        {name}: then {counted(coats, 'coat')} hide it
      </span>
    </span>
  );
}
