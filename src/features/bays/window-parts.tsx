import { Fact, Part } from '@/ui/facts';
import { Notice } from '@/ui/notice';
import { hours, moment, money, span, type Locale } from '../words/format';
import type { Names } from '../words/step-words';
import type { BaysProps } from './bays-props';

/** The closing windows ahead: since when, until when, what is left, and what reopening one costs. */
export function WindowParts({
  windows,
  remedies,
  names,
  locale,
}: Pick<BaysProps, 'windows' | 'remedies'> & { names: Names; locale: Locale }) {
  return (
    <>
      <h2 className="pt-3 font-semibold">Windows</h2>
      {windows.length === 0 && (
        <p className="text-quiet">No closing window: nothing bare, nothing to be recoated in time.</p>
      )}
      {windows.map((window) => {
        const remedy = remedies[window.to];
        return (
          <Part key={window.key} title={names.step(window.to)}>
            <p className="text-small text-quiet">
              {window.code === 'bare-metal'
                ? 'bare metal since'
                : `${names.product(window.product ?? '')} recoat since`}{' '}
              {moment(window.opened, locale)}
            </p>
            <Fact label="closes">{moment(window.closes, locale)}</Fact>
            {window.state === 'kept' && <Fact label="left">{span(window.closes - window.met)}</Fact>}
            {window.state === 'tight' && (
              <Notice grade="caution">only {span(window.closes - window.met)} left</Notice>
            )}
            {window.state === 'broken' && (
              <Notice grade="stop">{span(window.met - window.closes)} too late</Notice>
            )}
            {window.state === 'remedied' && (
              <Notice grade="caution">
                closed by then; scuffed again
                {remedy && `, ${hours(remedy.personMinutes)} h and ${money(remedy.costMinor, locale)}`}
              </Notice>
            )}
          </Part>
        );
      })}
    </>
  );
}
