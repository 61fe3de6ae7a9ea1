'use client';

import { X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { simulatedFilmGauge } from '@/devices/film-gauge';
import { gauges, markKinds, type Edit, type Gauge } from '@/core/record';
import { filmSummary, gaugeFor, roundProgress } from '@/core/survey';
import type { Substrate } from '@/core/vehicle';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { EditText } from '../frame/edit-field';
import { EntryForm, Line, useSent } from '../frame/entry-form';
import { useSaving, type SendOutcome } from '../frame/saving';
import { micrometres } from '../words/format';
import { markSign, markWords } from '../words/survey-words';
import { PanelPhotos } from './panel-photos';
import type { SurveyActions } from './survey-actions';
import type { MarkShown, ReadingShown } from './walkaround-props';
import { useOpen } from '../frame/who';

interface Props {
  job: string;
  part: string;
  substrate: Substrate;
  marks: readonly MarkShown[];
  readings: readonly ReadingShown[];
  actions: SurveyActions;
}

/** Marks with their sizes, and the film with its readings. */
export function PanelCondition(props: Props) {
  return (
    <>
      <Marks {...props} />
      <Film {...props} />
      <PanelPhotos job={props.job} part={props.part} marks={props.marks} />
    </>
  );
}

function Marks({ job, marks, actions }: Props) {
  const { save } = useSaving();
  const live = useOpen('add-marks');
  return (
    <Part title="Marks">
      <div className="grid grid-cols-4 gap-1 pb-1">
        {markKinds.map((kind) => (
          <Button key={kind} disabled={!live} className="!px-0 text-small" onClick={() => actions.mark(kind)}>
            {markSign(kind)} {kind}
          </Button>
        ))}
      </div>
      <label className="flex items-center gap-2 pb-1">
        Found in
        <select
          value={actions.round}
          disabled={!live}
          onChange={(event) => actions.setRound(Number(event.target.value))}
        >
          {[0, 1, 2, 3, 4, 5].map((round) => (
            <option key={round} value={round}>
              {roundWords(round)}
            </option>
          ))}
        </select>
      </label>
      {roundProgress(marks).map((one) => (
        <Fact key={one.round} label={`High and low, ${roundWords(one.round)}`}>
          {one.found} on {(one.foundM2 * 10_000).toFixed(0)} cm², {one.open} open
        </Fact>
      ))}
      {marks.length === 0 && <p className="text-quiet">Nothing marked on this panel.</p>}
      {marks.map((mark) => {
        const base = { job, id: mark.id, seen: mark.seen } as const;
        const size = (label: string, key: 'sizeMm' | 'depthMm') => (
          <EditText
            label={`${label} of ${markWords[mark.kind]}`}
            quiet
            type="number"
            step="any"
            className="w-14"
            value={mark[key] === null ? '' : String(mark[key])}
            toEdit={(text) => ({
              kind: 'set-mark',
              ...base,
              set: { [key]: text === '' ? (key === 'depthMm' ? null : 0) : Number(text) },
            })}
          />
        );
        return <MarkRow key={mark.id} mark={mark} size={size} live={live} save={save} base={base} />;
      })}
    </Part>
  );
}

/** One mark with its size and depth. */
function MarkRow({
  mark,
  size,
  live,
  save,
  base,
}: {
  mark: MarkShown;
  size: (label: string, key: 'sizeMm' | 'depthMm') => ReactNode;
  live: boolean;
  save: (edit: Edit) => Promise<SendOutcome>;
  base: { readonly job: string; readonly id: string; readonly seen: number };
}) {
  return (
    <div className="flex items-center gap-1 py-[2px]">
      <span className="flex-1">
        {markWords[mark.kind]}
        {mark.round > 0 && <span className="text-quiet"> round {mark.round}</span>}
      </span>
      {size('Size', 'sizeMm')}
      <span className="text-quiet">×</span>
      {size('Depth', 'depthMm')}
      <span className="text-quiet">mm</span>
      <label className="ml-1 flex items-center gap-1">
        <input
          type="checkbox"
          checked={mark.mended}
          disabled={!live}
          onChange={(event) =>
            void save({ kind: 'set-mark', ...base, set: { mended: event.target.checked } })
          }
        />
        mended
      </label>
      <button
        type="button"
        aria-label={`Remove this ${markWords[mark.kind]}`}
        onClick={() => void save({ kind: 'remove-mark', ...base })}
      >
        <X size={14} aria-hidden="true" />
      </button>
    </div>
  );
}

const roundWords = (round: number) => (round === 0 ? 'the walk round' : `block round ${round}`);

interface Figure {
  um: number;
  fromLeftMm: number | null;
  fromTopMm: number | null;
}

/** Readings out of “120 135@350/80, 128”: every number, with its mm from the left and top edge where they are typed. */
export const figuresOf = (text: string): Figure[] =>
  [...text.matchAll(/(\d+(?:\.\d+)?)(?:@(\d+)\/(\d+))?/g)].slice(0, 200).map(([, um, left, top]) => ({
    um: Number(um),
    fromLeftMm: left === undefined ? null : Number(left),
    fromTopMm: top === undefined ? null : Number(top),
  }));

function Film({ job, part, substrate, readings }: Props) {
  const { save } = useSaving();
  const live = useOpen('add-marks');
  const send = useSent();
  const [gauge, setGauge] = useState<Gauge | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const taken = gauge ?? gaugeFor(substrate);
  const film = filmSummary(readings);
  const add = (values: readonly Figure[], source: 'typed' | 'simulated') =>
    send({
      kind: 'add-readings',
      job,
      readings: values.map((one) => ({ part, ...one, gauge: taken, source })),
    });
  const simulate = () => {
    const device = simulatedFilmGauge(taken);
    void add(
      [1, 2, 3].map((i) => ({
        um: device.read(part, readings.length + i).um,
        fromLeftMm: null,
        fromTopMm: null,
      })),
      'simulated',
    ).then(setFault);
  };
  return (
    <Part title="Film">
      {film ? (
        <>
          <Fact label={`${film.count} readings, median`}>{micrometres(film.medianUm)}</Fact>
          <Fact label="Lowest, highest">
            {film.lowestUm.toFixed(0)}, {micrometres(film.highestUm)}
          </Fact>
          <ReadingList readings={readings} save={save} job={job} />
        </>
      ) : (
        <p className="text-quiet">No reading on this panel.</p>
      )}
      <AddReadings add={add} taken={taken} setGauge={setGauge} />
      {fault && (
        <p role="alert" className="text-small text-stop">
          {fault}
        </p>
      )}
      <button type="button" disabled={!live} onClick={simulate} className="pt-1 text-small underline">
        Read three from the simulated gauge (measures nothing)
      </button>
    </Part>
  );
}

/** Every reading, with where it was taken. */
function ReadingList({
  readings,
  save,
  job,
}: {
  readings: readonly ReadingShown[];
  save: (edit: Edit) => Promise<SendOutcome>;
  job: string;
}) {
  return (
    <ul className="flex flex-wrap gap-x-3 py-1 text-small">
      {readings.map((reading) => (
        <li key={reading.id} className="flex items-center gap-1">
          {reading.um.toFixed(0)}
          {reading.fromLeftMm !== null && reading.fromTopMm !== null && (
            <span className="text-quiet">
              at {reading.fromLeftMm}/{reading.fromTopMm}
            </span>
          )}
          {reading.source === 'simulated' && <span className="text-caution">sim.</span>}
          <button
            type="button"
            aria-label={`Remove reading ${reading.um.toFixed(0)}`}
            onClick={() => void save({ kind: 'remove-reading', job, id: reading.id, seen: reading.seen })}
          >
            <X size={12} aria-hidden="true" />
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Readings typed in a row, with the gauge they were taken with. */
function AddReadings({
  add,
  taken,
  setGauge,
}: {
  add: (values: readonly Figure[], source: 'typed') => Promise<string | null>;
  taken: Gauge;
  setGauge(gauge: Gauge): void;
}) {
  return (
    <EntryForm
      deed="add-readings"
      className="flex flex-wrap items-center gap-1 pt-1"
      start={{ readings: '' }}
      send={({ readings }) => add(figuresOf(readings), 'typed')}
    >
      {(form) => (
        <>
          <Line
            form={form}
            name="readings"
            label="Film readings in µm"
            placeholder="120 135@350/80"
            title="µm, and if wanted @ mm from the left / from the top"
            className="w-28"
            required
            fault={(text) => (figuresOf(text).length === 0 ? 'Film readings must be figures in µm.' : null)}
          />
          <select
            aria-label="Gauge"
            value={taken}
            onChange={(event) => setGauge(event.target.value as Gauge)}
            className="w-24"
          >
            {gauges.map((one) => (
              <option key={one} value={one}>
                {one.replace('-', ' ')}
              </option>
            ))}
          </select>
          <Button type="submit">Add</Button>
        </>
      )}
    </EntryForm>
  );
}
