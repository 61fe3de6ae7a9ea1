'use client';

import { sampleState, samplesShown, sampleVerdicts, type Sample } from '@/core/record';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Table } from '@/ui/layout';
import { EntryForm, Figure, Line, Pick, useSent } from '../frame/entry-form';
import { ChoiceCell, DayCell, FigureCell, RemoveCell, TextCell, type ItemRow } from '../frame/item-cells';
import { OwnPhotos } from '../frame/own-photos';
import { counted } from '../words/counted';

type SampleShown = Sample & { seen: number };

export interface SamplesProps {
  job: string;
  samples: readonly SampleShown[];
  colours: readonly { id: string; name: string }[];
  today: string;
}

const stateWords = {
  none: 'nobody has seen a sample',
  waiting: 'shown, waits for a verdict',
  accepted: 'accepted',
  refused: 'refused: another card',
  'at-risk': 'goes on at risk',
} as const;

const startOf = (colour: string) => ({
  colour,
  shown: 'card',
  widthMm: '600',
  heightMm: '400',
  verdict: 'accepted',
  by: '',
  light: '',
  beside: '',
  note: '',
});

/** Samples of the colours as they were shown: how large, in which light, beside what, and what was said of them by whom. */
export function Samples({ job, samples, colours, today }: SamplesProps) {
  const inOrder = [...samples].sort((a, b) => a.onDate.localeCompare(b.onDate) || a.id.localeCompare(b.id));
  return (
    <section aria-label="Samples" className="pt-5">
      <h2 className="pb-1 font-semibold">Samples</h2>
      <p className="max-w-prose text-quiet">
        A card is judged cleared and dry, at size, beside what it will stand beside. A kept card or a part of
        the object may serve. Until a colour is accepted it is planned and not booked, and only what a sample
        takes is bought and mixed; a manager may take the risk by name.
      </p>
      <ul aria-label="What stands" className="flex flex-wrap gap-x-6 py-1">
        {colours.map(({ id, name }) => {
          const { state, refusals } = sampleState(samples, id);
          return (
            <li key={id}>
              <span className="font-semibold">{name}</span>{' '}
              <span className={state === 'refused' ? 'text-stop' : 'text-quiet'}>
                {stateWords[state]}
                {refusals > 1 && `, ${counted(refusals, 'refusal')}`}
              </span>
            </li>
          );
        })}
      </ul>
      {colours.length > 0 && <Verdict job={job} colours={colours} today={today} />}
      {inOrder.length > 0 && (
        <Table
          caption="Samples"
          head={[
            'On',
            'Colour',
            'Shown',
            'Width, height, mm',
            '',
            'Verdict',
            'By',
            'Light',
            'Beside',
            'Note',
            'Photos',
            '',
          ]}
        >
          {inOrder.map((one) => (
            <SampleRow key={one.id} job={job} sample={one} colours={colours} />
          ))}
        </Table>
      )}
    </section>
  );
}

function SampleRow({
  job,
  sample,
  colours,
}: {
  job: string;
  sample: SampleShown;
  colours: SamplesProps['colours'];
}) {
  const { id, seen, colour, onDate } = sample;
  const own = colours.find((one) => one.id === colour)?.name ?? colour;
  const row: ItemRow<'samples'> = { job, list: 'samples', id, seen, name: `sample of ${own}, ${onDate}` };
  return (
    <tr className="border-b border-line">
      <DayCell row={row} field="onDate" label="Day" value={onDate} />
      <td className="py-1 pr-2">{own}</td>
      <ChoiceCell
        row={row}
        field="shown"
        label="Shown"
        value={sample.shown}
        choices={samplesShown}
        width="w-24"
      />
      <FigureCell row={row} field="widthMm" label="Width" value={sample.widthMm} />
      <FigureCell row={row} field="heightMm" label="Height" value={sample.heightMm} />
      <ChoiceCell
        row={row}
        field="verdict"
        label="Verdict"
        value={sample.verdict}
        choices={sampleVerdicts}
        width="w-24"
      />
      <TextCell row={row} field="by" label="By" value={sample.by} />
      <TextCell row={row} field="light" label="Light" value={sample.light} />
      <TextCell row={row} field="beside" label="Beside" value={sample.beside} width="w-24" />
      <TextCell row={row} field="note" label="Note" value={sample.note} width="w-24" />
      <td className="py-1 pr-2">
        <OwnPhotos job={job} kind="sample" id={sample.id} of={`the sample of ${own}`} tag="work" />
      </td>
      <RemoveCell row={row} />
    </tr>
  );
}

/** The form in which a sample is written down with what was said of it. */
function Verdict({ job, colours, today }: Omit<SamplesProps, 'samples'>) {
  const send = useSent();
  const options = (words: readonly string[]) =>
    words.map((value) => ({ value, text: value.replace('-', ' ') }));
  return (
    <EntryForm
      deed="list samples"
      label="Write down a sample"
      className="no-print flex flex-wrap items-center gap-2 py-2"
      start={startOf(colours[0]!.id)}
      send={({ colour, shown, verdict, widthMm, heightMm, by, light, beside, note }) =>
        send({
          kind: 'add-item',
          job,
          list: 'samples',
          item: {
            colour,
            onDate: today,
            shown: shown as Sample['shown'],
            widthMm: typedFigure(widthMm),
            heightMm: typedFigure(heightMm),
            verdict: verdict as Sample['verdict'],
            by,
            light,
            beside,
            note,
          },
        })
      }
    >
      {(form) => (
        <>
          <Pick
            form={form}
            name="colour"
            label="Colour of the sample"
            className="w-40"
            options={colours.map(({ id, name }) => ({ value: id, text: name }))}
          />
          <Pick
            form={form}
            name="shown"
            label="What was shown"
            className="w-28"
            options={options(samplesShown)}
          />
          <Figure
            form={form}
            name="widthMm"
            label="Width, mm"
            className="w-20"
            least={1}
            most={10_000}
            whole
            required
          />
          <span className="text-quiet">×</span>
          <Figure
            form={form}
            name="heightMm"
            label="Height, mm"
            className="w-20"
            least={1}
            most={10_000}
            whole
            required
          />
          <span className="text-quiet">mm</span>
          <Pick
            form={form}
            name="verdict"
            label="Verdict"
            className="w-28"
            options={options(sampleVerdicts)}
          />
          <Line form={form} name="by" label="Said by" placeholder="said by" maxLength={80} className="w-36" />
          <Line
            form={form}
            name="light"
            label="Seen in"
            placeholder="light"
            maxLength={80}
            className="w-36"
          />
          <Line
            form={form}
            name="beside"
            label="Seen beside"
            placeholder="beside"
            maxLength={80}
            className="w-36"
          />
          <Line form={form} name="note" label="Note" placeholder="note" maxLength={200} className="w-36" />
          <Button type="submit">Write down the sample</Button>
        </>
      )}
    </EntryForm>
  );
}
