'use client';

import { useRouter } from 'next/navigation';
import { useLayoutEffect } from 'react';
import { get, useForm, useWatch, type FieldError, type Path } from 'react-hook-form';
import type { NewJob } from '@/core/record';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { useSaving } from '../frame/saving';
import type { FormChoices } from './form-choices';

/** What the form holds: figures as typed, money in whole units of the currency. */
interface Fields {
  number: string;
  name: string;
  owner: string;
  bodyKind: string;
  dimensions: Record<string, Record<string, string>>;
  level: NewJob['level'];
  arrival: string;
  promised: string;
  capLabourHours: string;
  capMaterials: string;
  capBoothHours: string;
}

/** Empty figures go out as null, so that the server names the field rather than taking nought. */
const figureOf = (text: string): number | null => (text.trim() === '' ? null : Number(text));
const capOf = (text: string): number => (text.trim() === '' ? 0 : Number(text));

/** A new job as it is sent: a figure that was left empty is null, and refused by its name. */
type SentJob = Omit<NewJob, 'dimensions'> & { dimensions: Record<string, number | null> };

function toNewJob(fields: Fields): SentJob {
  const { dimensions, capMaterials, capLabourHours, capBoothHours, ...own } = fields;
  return {
    ...own,
    number: own.number.trim().toUpperCase(),
    dimensions: Object.fromEntries(
      Object.entries(dimensions[fields.bodyKind] ?? {}).map(([key, text]) => [key, figureOf(text)]),
    ),
    capLabourHours: capOf(capLabourHours),
    capMaterialsMinor: Math.round(capOf(capMaterials) * 100),
    capBoothHours: capOf(capBoothHours),
  };
}

/** The field of the form that a fault of the server belongs to. */
function fieldOf(place: string, bodyKind: string): Path<Fields> {
  if (place === 'capMaterialsMinor') return 'capMaterials';
  if (place.startsWith('dimensions.')) return `dimensions.${bodyKind}.${place.slice('dimensions.'.length)}`;
  return place as Path<Fields>;
}

export function NewJobForm({ choices }: { choices: FormChoices }) {
  const router = useRouter();
  const { send } = useSaving();
  const form = useForm<Fields>({
    defaultValues: {
      number: choices.nextNumber,
      name: '',
      owner: '',
      bodyKind: choices.kinds[0]!.key,
      dimensions: Object.fromEntries(
        choices.kinds.map((kind) => [
          kind.key,
          Object.fromEntries(kind.dimensions.map((one) => [one.key, String(one.initial)])),
        ]),
      ),
      level: 'Road',
      arrival: choices.today,
      promised: choices.promised,
      capLabourHours: '',
      capMaterials: '',
      capBoothHours: '',
    },
  });
  const { register, control, handleSubmit, setError, formState } = form;
  const live = useLive();
  useLayoutEffect(() => {
    // In the moment the fields open and no later: what a quick hand types into one must not land in another.
    if (live) document.getElementById('field-name')?.focus();
  }, [live]);
  const bodyKind = useWatch({ control, name: 'bodyKind' });
  const kind = choices.kinds.find((one) => one.key === bodyKind)!;
  const submit = handleSubmit(async (fields) => {
    const job = toNewJob(fields);
    const outcome = await send('/api/jobs', job, 'Job taken in');
    if (outcome.status === 'saved') {
      router.push(`/jobs/${job.number}/steps`);
      return;
    }
    outcome.faults.forEach((fault, i) =>
      setError(fieldOf(fault.place, bodyKind), { message: fault.reason }, { shouldFocus: i === 0 }),
    );
  });
  const faultOf = (path: string): string | undefined => {
    const fault: FieldError | undefined = get(formState.errors, path);
    return fault?.message;
  };
  const field = (
    path: Path<Fields>,
    label: string,
    props: { type?: string; unit?: string; className?: string } = {},
  ) => {
    const { unit, className = 'w-full', ...input } = props;
    const fault = faultOf(path);
    const id = `field-${path}`;
    return (
      <div key={path} className="flex flex-col gap-[3px]">
        <label htmlFor={id} className="text-quiet">
          {label}
        </label>
        <span className="flex items-center gap-1">
          <input
            id={id}
            {...input}
            {...register(path)}
            aria-invalid={fault !== undefined}
            aria-describedby={fault ? `${id}-fault` : undefined}
            className={className}
          />
          {unit && <span className="text-quiet">{unit}</span>}
        </span>
        {fault && (
          <span id={`${id}-fault`} role="alert" className="text-small text-stop">
            {fault}
          </span>
        )}
      </div>
    );
  };
  const group = 'grid max-w-3xl grid-cols-3 gap-x-5 gap-y-3 border-t border-line py-4';
  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <fieldset disabled={!live} className="contents">
        <div className={`${group} border-t-0 pt-0`}>
          {field('number', 'Number')}
          {field('name', 'Name of the object')}
          {field('owner', 'Owner')}
        </div>
        <div className={group}>
          <div className="col-span-2 flex flex-col">
            <label htmlFor="field-bodyKind" className="text-quiet">
              Body kind
            </label>
            <select id="field-bodyKind" {...register('bodyKind')}>
              {choices.kinds.map((one) => (
                <option key={one.key} value={one.key}>
                  {one.name}
                </option>
              ))}
            </select>
          </div>
          <div className="flex flex-col">
            <label htmlFor="field-level" className="text-quiet">
              Level
            </label>
            <select id="field-level" {...register('level')}>
              {choices.levels.map((one) => (
                <option key={one.key} value={one.key}>
                  {one.key}: {one.meaning}
                </option>
              ))}
            </select>
          </div>
          {kind.dimensions.map((one) =>
            field(`dimensions.${bodyKind}.${one.key}`, `${one.label}, ${one.min}–${one.max}`, {
              unit: one.unit,
              type: 'number',
              className: 'w-28 text-right tabular-nums',
            }),
          )}
        </div>
        <div className={group}>
          {field('arrival', 'Arrives', { type: 'date' })}
          {field('promised', 'Promised', { type: 'date' })}
          <span />
          {field('capLabourHours', 'Cap of labour hours, empty = none', {
            type: 'number',
            unit: 'h',
            className: 'w-28 text-right',
          })}
          {field('capMaterials', 'Cap of materials, empty = none', {
            type: 'number',
            unit: choices.currency,
            className: 'w-28 text-right',
          })}
          {field('capBoothHours', 'Cap of booth hours, empty = none', {
            type: 'number',
            unit: 'h',
            className: 'w-28 text-right',
          })}
        </div>
        <div className="flex items-center gap-4 py-2">
          <Button type="submit" look="main" disabled={formState.isSubmitting}>
            {formState.isSubmitting ? 'Planning …' : 'Take in and plan'}
          </Button>
          <span className="text-quiet">
            Parts, coats, steps, materials and a calendar follow at once; everything can be changed after.
          </span>
        </div>
      </fieldset>
    </form>
  );
}
