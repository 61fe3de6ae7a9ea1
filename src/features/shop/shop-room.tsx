'use client';

import { useState } from 'react';
import type { AccountsProps } from './accounts-props';
import { AccountsView } from './accounts-view';
import type { KeepingProps } from './keeping-props';
import { KeepingView } from './keeping-view';
import { ClosedPlaces } from './closed-places';
import { AddDaysOff, DaysOff } from './days-off';
import { OperationSheet } from './operation-sheet';
import { OperationTable } from './operation-table';
import { NotesTable, type NotesProps } from '../notes/notes-table';
import { LetterheadPart } from './letterhead-part';
import { OfferTermsView } from './offer-terms-view';
import { OpeningHours } from './opening-hours';
import { PersonHours } from './person-hours';
import { PersonPace, PersonSkills } from './person-fields';
import { PlaceAir } from './place-air';
import { PlaceZone } from './place-zone';
import { SampleRule } from './sample-rule';
import { RentedPlaces } from './rented-places';
import { WorkLimits } from './work-limits';
import type { Shop, ShopChangeSeen } from './shop-props';
import { ViewSwitch } from '@/ui/view-switch';
import { Fact, InspectorPanel, Part } from '@/ui/facts';
import { Room, Table } from '@/ui/layout';
import type { FiguresProps } from '../figures/figure-place';
import { FiguresView } from '../figures/figures-view';
import { EditText } from '../frame/edit-field';

const views = {
  people: 'People and places',
  operations: 'Operations',
  figures: 'Figures',
  quotes: 'Quotes',
  notes: 'Notes',
  accounts: 'Accounts',
  keeping: 'Safe keeping',
};
type View = keyof typeof views;

interface ShopRoomProps {
  shop: Shop;
  seen: ShopChangeSeen;
  figures: FiguresProps;
  notes: NotesProps;
  /** Null for who may not read them. */
  accounts: AccountsProps | null;
  /** Null for who brings nothing back. */
  keeping: KeepingProps | null;
}

/** People with their days off, places, rates, operations; every change moves the plans of all open jobs. */
export function ShopRoom({ shop, seen, figures, notes, accounts, keeping }: ShopRoomProps) {
  const { accounts: ofAccounts, keeping: ofKeeping, ...ofAll } = views;
  const shown: Partial<Record<View, string>> = { ...ofAll };
  if (accounts) shown.accounts = ofAccounts;
  if (keeping) shown.keeping = ofKeeping;
  const [view, setView] = useState<View>('people');
  const [code, setCode] = useState<string | null>(null);
  const chosen = view === 'operations' ? shop.operations.find((one) => one.entry.code === code) : undefined;
  return (
    <>
      <Room title="Shop" aside={<ViewSwitch<View> views={shown} shown={view} onShow={setView} />}>
        {view === 'operations' && (
          <OperationTable
            operations={shop.operations}
            rateSeen={seen.rates}
            selected={code}
            onSelect={setCode}
          />
        )}
        {view === 'figures' && <FiguresView {...figures} />}
        {view === 'notes' && <NotesTable {...notes} />}
        {view === 'accounts' && accounts && <AccountsView {...accounts} />}
        {view === 'keeping' && keeping && <KeepingView {...keeping} />}
        {view === 'quotes' && <QuotesPart shop={shop} seen={seen.shop} />}
        <div hidden={view !== 'people'}>
          <PeopleTable shop={shop} seen={seen} />
          <div className="h-6" />
          <PlacesTable shop={shop} seen={seen} />
        </div>
      </Room>
      {view === 'accounts' || view === 'keeping' ? null : chosen ? (
        <OperationSheet key={chosen.entry.code} shown={chosen} timeZone={shop.timeZone} />
      ) : (
        <ShopInspector shop={shop} seen={seen} />
      )}
    </>
  );
}

/** Rates and rules of the shop, beside its people and places. */
function ShopInspector({ shop, seen }: { shop: Shop; seen: ShopChangeSeen }) {
  const rate = (
    label: string,
    value: number,
    toSet: (minor: number) => object,
    unit = `${shop.currency} / h`,
  ) => (
    <Fact label={label}>
      <EditText
        label={label}
        quiet
        type="number"
        step="any"
        min={0}
        unit={unit}
        value={String(value / 100)}
        toEdit={(text) => ({ kind: 'shop', seen: seen.shop, set: toSet(Math.round(Number(text) * 100)) })}
      />
    </Fact>
  );
  return (
    <InspectorPanel title={shop.name} subtitle={shop.timeZone}>
      <Part title="Rates">
        {rate('Labour', shop.labourRateMinorPerHour, (labourRateMinorPerHour) => ({
          labourRateMinorPerHour,
        }))}
        {rate('Booth', shop.boothRateMinorPerHour, (boothRateMinorPerHour) => ({
          boothRateMinorPerHour,
        }))}
        {rate('Tax', shop.taxBp, (taxBp) => ({ taxBp }), '%')}
        <Fact label="VOC limit, ready mix">
          <EditText
            label="VOC limit of a ready mix"
            quiet
            type="number"
            step="any"
            unit="g/L"
            value={shop.vocLimitGL === null ? '' : String(shop.vocLimitGL)}
            toEdit={(text) => ({
              kind: 'shop',
              seen: seen.shop,
              set: { vocLimitGL: text === '' ? null : Number(text) },
            })}
          />
        </Fact>
      </Part>
      <Part title="Agreed plans">
        <Fact label="A start stays until it gains">
          <EditText
            label="Opening hours an agreed start must gain before it moves"
            quiet
            type="number"
            step="any"
            min={0}
            unit="h"
            value={String(shop.keepForMin / 60)}
            toEdit={(text) => ({
              kind: 'shop',
              seen: seen.shop,
              set: { keepForMin: Math.round(Number(text) * 60) },
            })}
          />
        </Fact>
      </Part>
      <SampleRule shop={shop} seen={seen.shop} />
      <WorkLimits shop={shop} seen={seen.shop} />
      <OpeningHours shop={shop} seen={seen} />
      <ClosedPlaces places={shop.places} seen={seen.places} />
      <RentedPlaces places={shop.places} seen={seen.places} />
    </InspectorPanel>
  );
}

/** What stands on the shop's paper, and on every quote. */
const QuotesPart = ({ shop, seen }: { shop: Shop; seen: number }) => (
  <>
    <LetterheadPart letterhead={shop.letterhead} markSha256={shop.markSha256} seen={seen} />
    <OfferTermsView terms={shop.offerTerms} seen={seen} />
  </>
);

/** Booths, bays and benches with their size, air and use. */
function PlacesTable({ shop, seen }: { shop: Shop; seen: ShopChangeSeen }) {
  return (
    <Table
      caption="Places"
      head={[
        'Place',
        'Kind',
        { text: 'Length', right: true },
        { text: 'Width', right: true },
        { text: 'Height', right: true },
        'Kept for, shares air with',
        { text: 'Air at work', right: true },
      ]}
    >
      {shop.places.map((place) => (
        <tr key={place.id} className="border-b border-line">
          <td className="py-1 pr-3 font-semibold">{place.name}</td>
          <td className="pr-3">{place.kind}</td>
          <td className="pr-3 text-right">{place.lengthM} m</td>
          <td className="pr-3 text-right">{place.widthM} m</td>
          <td className="pr-3 text-right">{place.heightM} m</td>
          <td className="py-1 pl-3">
            <PlaceZone place={place} places={shop.places} seen={seen.places[place.id]!} />
          </td>
          <td className="text-right">
            <PlaceAir place={place} seen={seen.places[place.id]!} />
          </td>
        </tr>
      ))}
    </Table>
  );
}

/** Who works here, what each is trusted with, how fast and when. */
function PeopleTable({ shop, seen }: { shop: Shop; seen: ShopChangeSeen }) {
  return (
    <Table caption="People" head={['Person', 'Trusted with', 'Pace', 'Hours and days off']}>
      {shop.people.map((person) => (
        <tr key={person.id} className="border-b border-line align-top">
          <td className="py-2 pr-3 font-semibold">{person.name}</td>
          <td className="py-2 pr-3">
            <PersonSkills person={person} seen={seen.people[person.id]!} />
          </td>
          <td className="py-1 pr-3">
            <PersonPace person={person} seen={seen.people[person.id]!} />
          </td>
          <td className="py-2">
            <PersonHours person={person} shifts={shop.shifts} seen={seen.people[person.id]!} />
            <DaysOff person={person} seen={seen} />
            <AddDaysOff person={person.id} name={person.name} />
          </td>
        </tr>
      ))}
    </Table>
  );
}
