'use client';

import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { isUpperRole, layerRoles, levels, type CoatSystem, type SystemLayer } from '@/core/film';
import { substrates } from '@/core/vehicle';
import { Button } from '@/ui/button';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { EditChoice, EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import type { SystemShown } from './systems-view';
import { WayActions } from './way-actions';
import type { Edit } from '@/core/record';
import { useOpen } from '../frame/who';

type Entry = Omit<CoatSystem, 'key'>;
const rules = [
  { value: 'fixed', text: 'coats' },
  { value: 'per-round', text: 'coats a round' },
  { value: 'level', text: 'coats by level' },
  { value: 'budget', text: 'by clear budget' },
];

const coatsOf = (rule: string): SystemLayer['coats'] => {
  switch (rule) {
    case 'per-round':
      return { rule: 'per-round', count: 2 };
    case 'budget':
      return { rule: 'budget' };
    case 'level':
      return { rule: 'level', byLevel: { Keep: 0, Work: 2, Road: 2, Show: 3, Mirror: 4 } };
    default:
      return { rule: 'fixed', count: 1 };
  }
};

/** One coat system, layer by layer; what is changed here plans every job that goes by it. */
export function SystemSheet({
  shown,
  coatings,
}: {
  shown: SystemShown;
  coatings: readonly { code: string; name: string }[];
}) {
  const live = useOpen('coat-system');
  const { save } = useSaving();
  const { key, ...entry } = shown.system;
  const edit = (set: Partial<Entry>) =>
    ({ kind: 'coat-system', key, seen: shown.seen, entry: { ...entry, ...set } }) as const;
  const layersWith = (at: number, set: Partial<SystemLayer>) =>
    entry.layers.map((layer, i) => (i === at ? { ...layer, ...set } : layer));
  const moved = (at: number, by: number) => {
    const layers = [...entry.layers];
    [layers[at], layers[at + by]] = [layers[at + by]!, layers[at]!];
    return layers;
  };
  const products = coatings.map(({ code, name }) => ({ value: code, text: name }));
  const free = layerRoles.filter(
    (role) => isUpperRole(role) || !entry.layers.some((layer) => layer.role === role),
  );
  return (
    <InspectorPanel title={entry.name} subtitle={`${key} · ${entry.route}`}>
      <WhatItIs entry={entry} edit={edit} />
      {entry.layers.map((layer, i) => (
        <LayerPart
          key={`${i} ${layer.role}`}
          layer={layer}
          i={i}
          products={products}
          edit={edit}
          layersWith={layersWith}
          entry={entry}

          moved={moved}
        />
      ))}
      {free.length > 0 && (
        <Part title="Another layer">
          <div className="flex flex-wrap gap-1">
            {free.map((role) => (
              <Button
                key={role}
                className="!px-2"
                disabled={!live || coatings.length === 0}
                onClick={() => void save(edit({ layers: withLayer(entry.layers, role, coatings[0]!.code) }))}
              >
                {role}
              </Button>
            ))}
          </div>
        </Part>
      )}
      <WayActions
        what="system"
        isStandard={shown.isStandard}
        isChanged={shown.seen !== null}
        copyAs={(copy, name) => ({ kind: 'coat-system', key: copy, seen: null, entry: { ...entry, name } })}
        clear={() => ({ kind: 'coat-system', key, seen: shown.seen, entry: null })}
      />
    </InspectorPanel>
  );
}

/** The name of the system, why it is chosen, what it is made for. */
function WhatItIs({ entry, edit }: { entry: Entry; edit(set: Partial<Entry>): Edit }) {
  const { save } = useSaving();
  const live = useOpen('coat-system');
  return (
    <Part title="What it is">
      <EditText label="Name" className="w-48" value={entry.name} toEdit={(name) => edit({ name })} />
      <EditText label="Why" className="w-48" value={entry.why} toEdit={(why) => edit({ why })} />
      <Fact label="Forgives a slip, 1 to 5">
        <EditText
          label="Forgiveness"
          quiet
          type="number"
          min={1}
          max={5}
          className="w-14"
          value={String(entry.forgiveness)}
          toEdit={(text) => edit({ forgiveness: Number(text) })}
        />
      </Fact>
      <fieldset className="pt-1">
        <legend className="text-quiet">Made for</legend>
        {substrates.map((one) => (
          <label key={one} className="inline-flex items-center gap-1 pr-3">
            <input
              type="checkbox"
              disabled={!live}
              checked={entry.substrates.includes(one)}
              onChange={(event) =>
                void save(
                  edit({
                    substrates: event.target.checked
                      ? [...entry.substrates, one]
                      : entry.substrates.filter((other) => other !== one),
                  }),
                )
              }
            />
            {one}
          </label>
        ))}
      </fieldset>
    </Part>
  );
}

/** One layer: its product, its coats, its place in the order. */
function LayerPart({
  layer,
  i,
  products,
  edit,
  layersWith,
  entry,
  moved,
}: {
  layer: SystemLayer;
  i: number;
  products: { value: string; text: string }[];
  edit(set: Partial<Entry>): Edit;
  layersWith(at: number, set: Partial<SystemLayer>): SystemLayer[];
  entry: Entry;
  moved(at: number, by: number): SystemLayer[];
}) {
  const { save } = useSaving();
  const live = useOpen('coat-system');
  // A role that comes twice is told apart by its place.
  const isTwice = entry.layers.filter((one) => one.role === layer.role).length > 1;
  const name = isTwice ? `${layer.role} ${i + 1}` : layer.role;
  return (
    <Part title={`${i + 1} ${layer.role}`}>
      <EditChoice
        label={`Product of ${name}`}
        quiet
        className="w-full"
        value={layer.product}
        choices={products}
        toEdit={(product) => edit({ layers: layersWith(i, { product }) })}
      />
      <div className="flex items-center gap-1 pt-1">
        <EditChoice
          label={`Rule for the coats of ${name}`}
          quiet
          className="w-36"
          value={layer.coats.rule}
          choices={rules}
          toEdit={(rule) => edit({ layers: layersWith(i, { coats: coatsOf(rule) }) })}
        />
        <Counts layer={layer} toEdit={(coats) => edit({ layers: layersWith(i, { coats }) })} />
        <span className="flex-1" />
        {(
          [
            [ArrowUp, 'lower', -1, i > 0],
            [ArrowDown, 'higher', 1, i < entry.layers.length - 1],
          ] as const
        ).map(([Icon, word, by, can]) => (
          <button
            key={word}
            type="button"
            disabled={!live || !can}
            className="disabled:opacity-30"
            aria-label={`Lay ${name} ${word}`}
            onClick={() => void save(edit({ layers: moved(i, by) }))}
          >
            <Icon size={16} />
          </button>
        ))}
        <button
          type="button"
          disabled={!live || entry.layers.length === 1}
          aria-label={`Leave out ${name}`}
          onClick={() => void save(edit({ layers: entry.layers.filter((_, at) => at !== i) }))}
        >
          <X size={16} />
        </button>
      </div>
    </Part>
  );
}

/** A new layer stands where its role usually belongs, from the metal up; it can be moved from there. */
function withLayer(
  layers: readonly SystemLayer[],
  role: SystemLayer['role'],
  product: string,
): SystemLayer[] {
  const rank = (one: SystemLayer) => layerRoles.indexOf(one.role);
  const added: SystemLayer = { role, product, coats: { rule: 'fixed', count: 1 } };
  const above = layers.findIndex((one) => rank(one) > rank(added));
  const at = above < 0 ? layers.length : above;
  return [...layers.slice(0, at), added, ...layers.slice(at)];
}

function Counts({
  layer,
  toEdit,
}: {
  layer: SystemLayer;
  toEdit(coats: SystemLayer['coats']): ReturnType<React.ComponentProps<typeof EditText>['toEdit']>;
}) {
  const { coats, role } = layer;
  if (coats.rule === 'budget') return null;
  const field = (label: string, value: number, next: (count: number) => SystemLayer['coats']) => (
    <EditText
      key={label}
      label={label}
      quiet
      type="number"
      min={0}
      max={20}
      className="w-11"
      value={String(value)}
      toEdit={(text) => toEdit(next(Number(text)))}
    />
  );
  if (coats.rule === 'level')
    return (
      <span className="inline-flex gap-[2px]">
        {levels.map((level) =>
          field(`Coats of ${role} at ${level}`, coats.byLevel[level], (count) => ({
            rule: 'level',
            byLevel: { ...coats.byLevel, [level]: count },
          })),
        )}
      </span>
    );
  return field(`Coats of ${role}`, coats.count, (count) => ({ ...coats, count }));
}
