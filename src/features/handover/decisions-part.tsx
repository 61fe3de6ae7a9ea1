'use client';

import { gateStages, type Decision, type DecisionWay } from '@/core/record';
import { optionalFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { EntryForm, Figure, Line, Pick, useSent } from '../frame/entry-form';
import { date, money, type Locale } from '../words/format';
import { wayText } from '../words/owner-words';

export interface DecisionsProps {
  job: string;
  today: string;
  locale: Locale;
  decisions: (Decision & { seen: number })[];
  /** Damage of which nobody has asked yet, with the hours it takes. */
  finds: { id: string; what: string; part: string; hours: number }[];
  sections: { key: string; name: string }[];
  labourRateMinorPerHour: number;
}

/** What the owner is asked to decide, with what each way costs, and what he said. */
export function Decisions(props: DecisionsProps) {
  const { decisions, finds } = props;
  return (
    <section aria-label="Asked of the owner">
      <h2 className="pt-5 font-semibold">Asked of the owner</h2>
      {finds.map((find) => (
        <AskFind key={find.id} find={find} {...props} />
      ))}
      <p className="max-w-prose text-quiet">
        A question shows the photos of its panel that the owner may see: tick them in Photos.
      </p>
      <AskWays {...props} />
      {decisions.map((one) => (
        <Asked key={one.id} decision={one} {...props} />
      ))}
    </section>
  );
}

const stageWords = {
  strip: 'stripping',
  metal: 'metal',
  filler: 'filler',
  prime: 'primer',
  colour: 'colour',
  clear: 'clear',
  polish: 'polish',
};
const holdOptions = (sections: DecisionsProps['sections']) => [
  { value: '', text: 'nothing waits for it' },
  ...sections.flatMap(({ key, name }) =>
    gateStages.map((stage) => ({ value: `${stage} ${key}`, text: `${name}: ${stageWords[stage]} waits` })),
  ),
];

function holdsOf(value: string) {
  const [word, ...rest] = value.split(' ');
  const stage = gateStages.find((one) => one === word);
  return stage ? { stage, section: rest.join(' ') } : null;
}

/** Damage that was found, asked with its price. */
function AskFind({
  find,
  job,
  sections,
  labourRateMinorPerHour,
}: DecisionsProps & { find: DecisionsProps['finds'][number] }) {
  const send = useSent();
  const labour = (find.hours * labourRateMinorPerHour) / 100;
  return (
    <EntryForm
      deed="ask-owner"
      label={`Ask about ${find.what}`}
      className="flex flex-wrap items-end gap-2 py-1"
      start={{ price: labour.toFixed(2), days: '0', holds: '' }}
      send={({ price, days, holds }) =>
        send({
          kind: 'ask-owner',
          job,
          ask: {
            what: `${find.part}: ${find.what}`,
            part: find.part,
            find: find.id,
            ways: [
              {
                name: 'mend it',
                hours: find.hours,
                moneyMinor: Math.round(100 * (optionalFigure(price) ?? 0)),
                days: optionalFigure(days) ?? 0,
              },
            ],
          },
          holds: holdsOf(holds),
        })
      }
    >
      {(form) => (
        <>
          <span className="pb-2">
            Found on {find.part}: {find.what}, {find.hours} h.
          </span>
          <Figure form={form} name="price" label="Price before tax" className="w-24" least={0} required />
          <Figure
            form={form}
            name="days"
            label="Days more"
            className="w-16"
            least={0}
            most={365}
            whole
            required
          />
          <Pick form={form} name="holds" label="What waits for the answer" options={holdOptions(sections)} />
          <Button type="submit">Ask the owner</Button>
        </>
      )}
    </EntryForm>
  );
}

/** Two ways or one, each with hours, price and days. */
function AskWays({ job, sections }: DecisionsProps) {
  const send = useSent();
  return (
    <details className="py-1">
      <summary className="cursor-pointer underline">Ask something else</summary>
      <EntryForm
        deed="ask-owner"
        label="Ask the owner to choose"
        className="grid grid-cols-[repeat(4,minmax(0,1fr))] gap-2 py-2"
        start={{
          what: '',
          holds: '',
          one: '',
          oneHours: '0',
          onePrice: '0',
          oneDays: '0',
          two: '',
          twoHours: '0',
          twoPrice: '0',
          twoDays: '0',
        }}
        send={(typed) => {
          const way = (name: string, hours: string, price: string, days: string): DecisionWay => ({
            name,
            hours: optionalFigure(hours) ?? 0,
            moneyMinor: Math.round(100 * (optionalFigure(price) ?? 0)),
            days: optionalFigure(days) ?? 0,
          });
          const first = way(typed.one, typed.oneHours, typed.onePrice, typed.oneDays);
          const second = way(typed.two, typed.twoHours, typed.twoPrice, typed.twoDays);
          return send({
            kind: 'ask-owner',
            job,
            ask: {
              what: typed.what,
              part: '',
              find: '',
              ways: typed.two === '' ? [first] : [first, second],
            },
            holds: holdsOf(typed.holds),
          });
        }}
      >
        {(form) => (
          <>
            <Line
              form={form}
              name="what"
              label="What is to be decided"
              placeholder="what is to be decided"
              className="col-span-2"
              maxLength={200}
              required
            />
            <Pick
              form={form}
              name="holds"
              label="What waits for the choice"
              className="col-span-2"
              options={holdOptions(sections)}
            />
            <Line form={form} name="one" label="First way" placeholder="first way" maxLength={120} required />
            <Figure form={form} name="oneHours" label="Hours of the first way" placeholder="hours" />
            <Figure form={form} name="onePrice" label="Price of the first way" placeholder="price" />
            <Figure form={form} name="oneDays" label="Days of the first way" placeholder="days" whole />
            <Line
              form={form}
              name="two"
              label="Second way"
              placeholder="second way, or nothing"
              maxLength={120}
            />
            <Figure form={form} name="twoHours" label="Hours of the second way" placeholder="hours" />
            <Figure form={form} name="twoPrice" label="Price of the second way" placeholder="price" />
            <Figure form={form} name="twoDays" label="Days of the second way" placeholder="days" whole />
            <Button type="submit">Ask the owner</Button>
          </>
        )}
      </EntryForm>
    </details>
  );
}

/** A question with its answer, or where the answer is typed in. */
function Asked({
  decision,
  job,
  today,
  locale,
}: DecisionsProps & { decision: DecisionsProps['decisions'][number] }) {
  const { id, what, ways, askedOn, answer, chosen, answeredBy, answeredOn, said, seen } = decision;
  const send = useSent();
  const way = chosen === null ? undefined : ways[chosen];
  return (
    <div className="border-b border-line py-2">
      <p>
        <span className="font-semibold">{what}</span>{' '}
        <span className="text-quiet">asked {date(askedOn)}</span>
      </p>
      {answer === 'open' ? (
        <EntryForm
          deed="answer-decision"
          label={`Answer to: ${what}`}
          className="flex flex-wrap items-end gap-2 pt-1"
          start={{ way: '0', by: '', on: today, said: '' }}
          send={({ way: picked, by, on, said: word }) => {
            const own = { kind: 'answer-decision' as const, job, id, seen, by, on, said: word };
            return picked === 'refused'
              ? send({ ...own, answer: 'refused', chosen: null })
              : send({ ...own, answer: 'chosen', chosen: Number(picked) });
          }}
        >
          {(form) => (
            <>
              <Pick
                form={form}
                name="way"
                label="What was said"
                options={[
                  ...ways.map((one, i) => ({ value: String(i), text: wayText(one, locale) })),
                  { value: 'refused', text: 'no' },
                ]}
              />
              <Line form={form} name="by" label="By whom" placeholder="by whom" maxLength={80} required />
              <Line form={form} name="on" type="date" label="On which day" required />
              <Line form={form} name="said" label="In his words" placeholder="in his words" maxLength={200} />
              <Button type="submit">Write it down</Button>
              <Button onClick={() => void send({ kind: 'remove-item', job, list: 'decisions', id, seen })}>
                Take the question back
              </Button>
            </>
          )}
        </EntryForm>
      ) : (
        <p>
          {way ? wayText(way, locale) : 'No'}: {answeredBy}
          {answeredOn && `, ${date(answeredOn)}`}
          {said !== '' && `, “${said}”`}
        </p>
      )}
      {answer !== 'open' && way && (
        <p className="text-quiet">
          In the record of scope: {way.hours} h, {money(way.moneyMinor, locale, 2)}, {way.days} days.
        </p>
      )}
    </div>
  );
}
