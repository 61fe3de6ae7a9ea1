import type { Offer, OfferLine, OfferSection } from '@/core/offer';
import { Table } from '@/ui/layout';
import { WaysTable } from './ways-table';
import { area, date, hours, money, type Locale } from '../words/format';
import {
  depthText,
  leftAloneText,
  lineKindNames,
  lineText,
  quantityText,
  stageNames,
} from '../words/offer-words';

/** A quote as the owner reads it: what is done, what is not, what it costs, when it is paid, what the shop stands for. */
export function QuoteDocument({ offer, locale }: { offer: Offer; locale: Locale }) {
  return (
    <div className="max-w-3xl">
      <p className="pb-3 text-quiet">
        Made on {date(offer.madeOn)}, valid until {date(offer.validUntil)}. Ready on {date(offer.promised)}.
      </p>
      {offer.note !== '' && <p className="pb-3">{offer.note}</p>}
      <h3 className="font-semibold">What is done</h3>
      {offer.sections.map((section) => (
        <SectionText key={section.section} section={section} />
      ))}
      <Lines offer={offer} locale={locale} />
      <WaysTable offer={offer} locale={locale} />
      <Stages offer={offer} locale={locale} />
      {offer.warranty.length > 0 && (
        <>
          <h3 className="pt-4 font-semibold">Warranty</h3>
          {offer.warranty.map((one) => (
            <p key={one.level}>
              <span className="font-semibold">{one.level}:</span> {one.months} months against {one.covers}.
              Not covered: {one.excludes}.
            </p>
          ))}
        </>
      )}
      {offer.terms.length > 0 && (
        <>
          <h3 className="pt-4 font-semibold">Terms</h3>
          {offer.terms.map((line) => (
            <p key={line} className="pb-1">
              {line}
            </p>
          ))}
        </>
      )}
      <p className="pt-3 text-small text-quiet">
        Each line is rounded to the nearest penny, tax once on its sum. Product sheets, local rules and
        licensed practice come first.
      </p>
    </div>
  );
}

function SectionText({ section }: { section: OfferSection }) {
  const coats = section.coats.map((one) => `${one.coats} × ${one.product}`).join(', ');
  return (
    <div className="pb-2">
      <p>
        <span className="font-semibold">{section.name}</span>, {section.level}, {area(section.areaM2)}
        {section.colours.length > 0 && `, ${section.colours.join(', ')}`}
      </p>
      {section.level !== 'Keep' && <p>{depthText(section.depth)}.</p>}
      {coats !== '' && section.level !== 'Keep' && <p className="text-quiet">{coats}</p>}
      {section.leftAlone.map((one) => (
        <p key={one.code} className="text-quiet">
          {leftAloneText(one)}
        </p>
      ))}
    </div>
  );
}

const kindsInOrder = Object.keys(lineKindNames) as OfferLine['kind'][];

function Lines({ offer, locale }: { offer: Offer; locale: Locale }) {
  const cost = (minor: number) => money(minor, locale, 2);
  const kinds = kindsInOrder.filter((kind) => offer.lines.some((line) => line.kind === kind));
  return (
    <>
      <h3 className="pt-4 font-semibold">What it costs</h3>
      <Table
        caption="Lines of the quote"
        head={[
          '',
          { text: 'Amount', right: true },
          { text: 'At', right: true },
          { text: 'Sum', right: true },
        ]}
      >
        {kinds.flatMap((kind) => [
          <tr key={kind}>
            <td colSpan={4} className="pt-2 font-semibold">
              {lineKindNames[kind]}
            </td>
          </tr>,
          ...offer.lines
            .filter((line) => line.kind === kind)
            .map((line) => (
              <tr key={line.key} className="border-b border-line tabular-nums">
                <td className="py-[2px] pl-3">{lineText(line)}</td>
                <td className="pr-3 text-right whitespace-nowrap">{quantityText(line)}</td>
                <td className="pr-3 text-right">{line.rateMinor === null ? '' : cost(line.rateMinor)}</td>
                <td className="text-right">{cost(line.sumMinor)}</td>
              </tr>
            )),
        ])}
        {offer.discount && (
          <SumRow label={`Less: ${offer.discount.reason}`} sum={`−${cost(offer.discount.minor)}`} />
        )}
        <SumRow label="Net" sum={cost(offer.netMinor)} />
        {offer.taxes.map((tax) => (
          <SumRow
            key={tax.name}
            label={`${tax.name}, ${tax.bp / 100} % of ${cost(tax.baseMinor)}`}
            sum={cost(tax.sumMinor)}
          />
        ))}
        <SumRow label="To pay" sum={cost(offer.grossMinor)} isStrong />
      </Table>
      {offer.contingency && (
        <p className="pt-2">
          Hidden damage may come to light when the old paint is off: at most{' '}
          {hours(60 * offer.contingency.hours)} h, {cost(offer.contingency.ceilingMinor)} before tax, and only
          after you have seen it and agreed.
        </p>
      )}
    </>
  );
}

function SumRow({ label, sum, isStrong = false }: { label: string; sum: string; isStrong?: boolean }) {
  return (
    <tr className={`tabular-nums ${isStrong ? 'border-t border-strong font-semibold' : ''}`}>
      <td className="py-1" colSpan={3}>
        {label}
      </td>
      <td className="text-right">{sum}</td>
    </tr>
  );
}

function Stages({ offer, locale }: { offer: Offer; locale: Locale }) {
  return (
    <>
      <h3 className="pt-4 font-semibold">When it is paid</h3>
      <Table
        caption="Stages of payment"
        head={['', 'By the plan', { text: 'Share', right: true }, { text: 'Sum', right: true }]}
      >
        {offer.stages.map((stage) => (
          <tr key={stage.state} className="border-b border-line tabular-nums">
            <td className="py-[2px]">{stageNames[stage.state]}</td>
            <td>{stage.expectedOn === null ? 'no such work is planned' : date(stage.expectedOn)}</td>
            <td className="pr-3 text-right">{stage.shareBp / 100} %</td>
            <td className="text-right">{money(stage.grossMinor, locale, 2)}</td>
          </tr>
        ))}
      </Table>
    </>
  );
}
