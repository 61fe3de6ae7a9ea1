'use client';

import { useRouter } from 'next/navigation';
import { useLayoutEffect } from 'react';
import { get, useForm, useWatch, type FieldError, type Path, type UseFormReturn } from 'react-hook-form';
import type { NewJob, NewJobAsked } from '@/core/record';
import { Button } from '@/ui/button';
import { useSaving } from '../frame/saving';
import type { FormChoices } from './form-choices';
import { useOpen } from '../frame/who';

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
  like: string;
}

/** Empty figures go out as null, so that the server names the field rather than taking nought. */
const figureOf = (text: string): number | null => (text.trim() === '' ? null : Number(text));
const capOf = (text: string): number => (text.trim() === '' ? 0 : Number(text));

/** A new job as it is sent: a figure that was left empty is null, and refused by its name. */
type SentJob = Omit<NewJobAsked, 'dimensions'> & { dimensions: Record<string, number | null> };

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

/** Empty fields of a new job, with the dimensions that are usual for each kind of body. */
const emptyFields = (choices: FormChoices): Fields => ({
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
  like: '',
});

/** Writes the job; what the server refuses is said at the field it was typed in. */
function useTakingIn({ setError, handleSubmit }: UseFormReturn<Fields>) {
  const router = useRouter();
  const { send } = useSaving();
  return handleSubmit(async (fields) => {
    const job = toNewJob(fields);
    const outcome = await send('/api/jobs', job, 'Job taken in');
    if (outcome.status === 'saved') {
      router.push(`/jobs/${job.number}/steps`);
      return;
    }
    outcome.faults.forEach((fault, i) =>
      setError(fieldOf(fault.place, fields.bodyKind), { message: fault.reason }, { shouldFocus: i === 0 }),
    );
  });
}

function Field({
  form,
  path,
  label,
  type,
  unit,
  className = 'w-full',
}: {
  form: UseFormReturn<Fields>;
  path: Path<Fields>;
  label: string;
  type?: string;
  unit?: string;
  className?: string;
}) {
  const fault: FieldError | undefined = get(form.formState.errors, path);
  const id = `field-${path}`;
  return (
    <div className="flex flex-col gap-[3px]">
      <label htmlFor={id} className="text-quiet">
        {label}
      </label>
      <span className="flex items-center gap-1">
        <input
          id={id}
          type={type}
          {...form.register(path)}
          aria-invalid={fault !== undefined}
          aria-describedby={fault ? `${id}-fault` : undefined}
          className={className}
        />
        {unit && <span className="text-quiet">{unit}</span>}
      </span>
      {fault && (
        <span id={`${id}-fault`} role="alert" className="text-small text-stop">
          {fault.message}
        </span>
      )}
    </div>
  );
}

interface GroupProps {
  form: UseFormReturn<Fields>;
  choices: FormChoices;
}

const group = 'grid max-w-3xl grid-cols-3 gap-x-5 gap-y-3 border-t border-line py-4';

/** A job whose sections, scheme and own figures the new one takes, with what it needs for its body. */
function PatternGroup({ form, choices }: GroupProps) {
  if (choices.patterns.length === 0) return null;
  const take = (number: string) => {
    form.setValue('like', number);
    const pattern = choices.patterns.find((one) => one.number === number);
    if (!pattern) return;
    form.setValue('bodyKind', pattern.bodyKind);
    form.setValue('level', pattern.level);
    for (const [key, value] of Object.entries(pattern.dimensions))
      form.setValue(`dimensions.${pattern.bodyKind}.${key}`, String(value));
  };
  const fault: FieldError | undefined = get(form.formState.errors, 'like');
  return (
    <div className={group}>
      <div className="col-span-2 flex flex-col">
        <label htmlFor="field-like" className="text-quiet">
          After the pattern of
        </label>
        <select id="field-like" {...form.register('like')} onChange={(event) => take(event.target.value)}>
          <option value="">no other job</option>
          {choices.patterns.map(({ number, name }) => (
            <option key={number} value={number}>
              {number} {name}
            </option>
          ))}
        </select>
        {fault && (
          <span role="alert" className="text-small text-stop">
            {fault.message}
          </span>
        )}
      </div>
      <p className="text-small text-quiet">
        Sections, panels, scheme, fittings and own figures; nothing that was found, read or logged.
      </p>
    </div>
  );
}

/** What body it is, how large, and to what level it is finished. */
function BodyGroup({ form, choices }: GroupProps) {
  const bodyKind = useWatch({ control: form.control, name: 'bodyKind' });
  const kind = choices.kinds.find((one) => one.key === bodyKind)!;
  return (
    <div className={group}>
      <div className="col-span-2 flex flex-col">
        <label htmlFor="field-bodyKind" className="text-quiet">
          Body kind
        </label>
        <select id="field-bodyKind" {...form.register('bodyKind')}>
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
        <select id="field-level" {...form.register('level')}>
          {choices.levels.map((one) => (
            <option key={one.key} value={one.key}>
              {one.key}: {one.meaning}
            </option>
          ))}
        </select>
      </div>
      {kind.dimensions.map((one) => (
        <Field
          key={`${bodyKind}.${one.key}`}
          form={form}
          path={`dimensions.${bodyKind}.${one.key}`}
          label={`${one.label}, ${one.min}–${one.max}`}
          unit={one.unit}
          type="number"
          className="w-28 text-right tabular-nums"
        />
      ))}
    </div>
  );
}

/** When it comes, when it is promised, and what it may cost. */
function DatesAndCaps({ form, choices }: GroupProps) {
  const cap = 'w-28 text-right';
  return (
    <div className={group}>
      <Field form={form} path="arrival" label="Arrives" type="date" />
      <Field form={form} path="promised" label="Promised" type="date" />
      <span />
      <Field
        form={form}
        path="capLabourHours"
        label="Cap of labour hours, empty = none"
        type="number"
        unit="h"
        className={cap}
      />
      <Field
        form={form}
        path="capMaterials"
        label="Cap of materials, empty = none"
        type="number"
        unit={choices.currency}
        className={cap}
      />
      <Field
        form={form}
        path="capBoothHours"
        label="Cap of booth hours, empty = none"
        type="number"
        unit="h"
        className={cap}
      />
    </div>
  );
}

export function NewJobForm({ choices }: { choices: FormChoices }) {
  const form = useForm<Fields>({ defaultValues: emptyFields(choices) });
  const submit = useTakingIn(form);
  const live = useOpen('new-job');
  useLayoutEffect(() => {
    // In the moment the fields open and no later: what a quick hand types into one must not land in another.
    if (live) document.getElementById('field-name')?.focus();
  }, [live]);
  const { isSubmitting } = form.formState;
  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <fieldset disabled={!live} className="contents">
        <div className={`${group} border-t-0 pt-0`}>
          <Field form={form} path="number" label="Number" />
          <Field form={form} path="name" label="Name of the object" />
          <Field form={form} path="owner" label="Owner" />
        </div>
        <PatternGroup form={form} choices={choices} />
        <BodyGroup form={form} choices={choices} />
        <DatesAndCaps form={form} choices={choices} />
        <div className="flex items-center gap-4 py-2">
          <Button type="submit" look="main" disabled={isSubmitting}>
            {isSubmitting ? 'Planning …' : 'Take in and plan'}
          </Button>
          <span className="text-quiet">
            Parts, coats, steps, materials and a calendar follow at once; everything can be changed after.
          </span>
        </div>
      </fieldset>
    </form>
  );
}
