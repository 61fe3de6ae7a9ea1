import { padCleanMin, padSigns } from '@/core/steps';
import { Fact, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { moment, span, type Locale } from '../words/format';
import type { StepCraft } from './step-craft-props';
import { counted } from '../words/counted';

/** What the craft asks of one step: tack by the paint's age, the polisher's card, the round of a coat, who looked. */
export function CraftOfStep({
  craft,
  locale,
  productName,
}: {
  craft: StepCraft;
  locale: Locale;
  productName(code: string): string;
}) {
  const { tack, polish, round, looked, untried, zones } = craft;
  return (
    <>
      {untried && (
        <Notice grade="caution">
          a risky step without a trial: spray a card or work a trial spot first, or put a trial under
          supervision before it
        </Notice>
      )}
      {zones.length > 0 && (
        <Part title="Who where">
          {zones.map((zone) => (
            <Fact key={zone.person} label={`${zone.person}: ${zone.where}`}>
              {zone.first}–{zone.last}, {zone.areaM2.toFixed(1)} m²
            </Fact>
          ))}
        </Part>
      )}
      {tack && (
        <Part title="Tape">
          <p>
            {productName(tack.product)} beneath is {span(tack.ageMin)} old:{' '}
            {tack.advice.code === 'too-fresh'
              ? `too fresh for tape, ${span(tack.advice.leftMin)} more`
              : tack.advice.code === 'knock-back'
                ? `knock the tack back ${tack.advice.times === 2 ? 'twice' : 'once'} on clean cloth`
                : 'tape as it comes'}
            .
          </p>
          <Fact label="Pull by">{moment(tack.pullBy, locale)}</Fact>
          <p className="text-small text-quiet">
            Fold it back low on itself, one end to the other in one go; half the days in sun or bake.
          </p>
        </Part>
      )}
      {polish.length > 0 && (
        <Part title="At the polisher">
          {polish.map((stage, i) => (
            <Fact key={i} label={`${stage.name}: ${stage.pad}, ${stage.compound}`}>
              {stage.rpm.edges}–{stage.rpm.flats} rpm, {counted(stage.pads, 'pad')}
            </Fact>
          ))}
          <p className="text-small text-quiet">
            First a trial spot on a flat. Clean the pad after every panel, at least every {padCleanMin} min;{' '}
            {padSigns}.
          </p>
        </Part>
      )}
      {round && (
        <Part title="Round of the coat">
          <Fact label={`One painter, edge open ${round.wetEdgeMin} min`}>{span(round.roundMin)}</Fact>
          <Fact label="Painters so that the edge stays wet">
            {round.painters}
            {round.breakAtLine && ', and a break at a panel line'}
          </Fact>
          {round.platform && <p>Too high for the floor: platform or steps along the side.</p>}
          {round.fromBothSides && <p>Too wide for one arm: the top from both sides, the middle first.</p>}
        </Part>
      )}
      {looked.length > 0 && (
        <Part title="Looked at">
          {looked.map((one, i) => (
            <p key={i}>
              {one.who}, {moment(one.at, locale)}
              {one.note && `: ${one.note}`}
            </p>
          ))}
        </Part>
      )}
    </>
  );
}
