'use client';

import {
  finishClasses,
  repeatabilities,
  unchosenColour,
  type JobColour,
  recipeText,
  typedRecipe,
} from '@/core/record';
import { Empty, Table } from '@/ui/layout';
import { AddItem } from '../frame/add-item';
import { EditChoice, EditText } from '../frame/edit-field';
import { ChoiceCell, FigureCell, RemoveCell, TextCell, type ItemRow } from '../frame/item-cells';
import { area } from '../words/format';

/** A new colour begins as one that nobody has chosen yet. */
const { id: _id, ...withoutId } = unchosenColour;

/** A coat system that goes on this kind of body. */
export interface SystemChoice {
  value: string;
  text: string;
}

/** A colour with the version of its row and what gets it. */
export type ColourShown = JobColour & { seen: number; usedBy: string[]; areaM2: number };

/** The colours of a job: each named once, wherever it goes. */
export function ColoursTable({
  job,
  colours,
  systems,
  grounds,
}: {
  job: string;
  colours: ColourShown[];
  systems: readonly SystemChoice[];
  grounds: readonly SystemChoice[];
}) {
  return (
    <section aria-label="Colours">
      <AddItem
        label="Add a colour"
        panels={[]}
        place="Job"
        toEdit={(name) => ({
          kind: 'add-item',
          job,
          list: 'colours',
          item: { ...withoutId, name },
        })}
      />
      <p className="max-w-prose pb-1 text-quiet">
        A colour is named once: wherever it goes it is one batch, one sample and one approval. System and
        coats hold in its fields and insides; a section has its own. A ground coat is sprayed before it in
        place of the sealer, wherever it goes. A screen is no colour reference: spray a card, clear it, and
        look at it in sun, shade and lamp.
      </p>
      {colours.length === 0 && <Empty>This job has no colours yet.</Empty>}
      <Table
        caption="Colours of the job"
        head={[
          'On screen',
          'Name',
          'Finish',
          'Coat system, ground',
          'Coats',
          'Code, recipe by weight',
          'Repeatable',
          'Goes on',
          { text: 'Area', right: true },
          '',
        ]}
      >
        {colours.map((colour) => (
          <ColourRow key={colour.id} job={job} colour={colour} systems={systems} grounds={grounds} />
        ))}
      </Table>
    </section>
  );
}

function ColourRow({
  job,
  colour,
  systems,
  grounds,
}: {
  job: string;
  colour: ColourShown;
  systems: readonly SystemChoice[];
  grounds: readonly SystemChoice[];
}) {
  const row: ItemRow<'colours'> = {
    job,
    list: 'colours',
    id: colour.id,
    seen: colour.seen,
    name: colour.name,
  };
  const edit = { kind: 'set-item', job, list: 'colours', id: colour.id, seen: colour.seen } as const;
  return (
    <tr className="border-b border-line">
      <td className="py-1 pr-2">
        <EditText
          label={`${colour.name} on the screen`}
          quiet
          type="color"
          className="w-14 p-0"
          value={colour.hex}
          toEdit={(text) => ({ ...edit, set: { hex: text.toLowerCase() } })}
        />
      </td>
      <TextCell row={row} field="name" label="Name" value={colour.name} width="w-40" />
      <ChoiceCell row={row} field="finish" label="Finish" value={colour.finish} choices={finishClasses} />
      <td className="py-1 pr-2">
        <EditChoice
          label={`Coat system of ${colour.name}`}
          quiet
          className="w-40"
          value={colour.system ?? ''}
          choices={[{ value: '', text: 'as its panels' }, ...systems]}
          toEdit={(system) => ({ ...edit, set: { system: system || null } })}
        />
        {grounds.length > 0 && (
          <EditChoice
            label={`Ground coat of ${colour.name}`}
            quiet
            className="w-40"
            value={colour.groundCoat ?? ''}
            choices={[{ value: '', text: 'sealer as its panels' }, ...grounds]}
            toEdit={(product) => ({ ...edit, set: { groundCoat: product || null } })}
          />
        )}
      </td>
      <FigureCell row={row} field="coats" label="Coats in fields" value={colour.coats} none />
      <td className="py-1 pr-2">
        <EditText
          label={`Code of ${colour.name}`}
          quiet
          className="w-32"
          value={colour.code}
          toEdit={(code) => ({ ...edit, set: { code } })}
        />
        <EditText
          label={`Recipe by weight of ${colour.name}`}
          quiet
          className="mt-1 w-32"
          value={recipeText(colour.recipe)}
          check={(text) => {
            const recipe = typedRecipe(text);
            return 'reason' in recipe ? recipe.reason : null;
          }}
          toEdit={(text) => {
            const recipe = typedRecipe(text);
            return { ...edit, set: { recipe: 'reason' in recipe ? [] : recipe } };
          }}
        />
      </td>
      <ChoiceCell
        row={row}
        field="repeatability"
        label="Repeatable"
        value={colour.repeatability}
        choices={repeatabilities}
        width="w-24"
      />
      <td className="py-1 pr-2 text-quiet">{colour.usedBy.join(', ') || 'nothing yet'}</td>
      <td className="py-1 pr-2 text-right whitespace-nowrap tabular-nums">{area(colour.areaM2)}</td>
      {colour.usedBy.length === 0 ? <RemoveCell row={row} /> : <td />}
    </tr>
  );
}
