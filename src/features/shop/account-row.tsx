'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { askJson, jsonPost, refusalIn } from '../frame/asking';
import { useSaving } from '../frame/saving';
import { AccountFields } from './account-fields';
import type { AccountShown } from './accounts-props';
import { BadgeCode } from './badge-code';
import { ToldOnce } from './told-once';

const hasWords = ({ hasPassword, isDemo, hasSecondFactor, hasBadge }: AccountShown): string =>
  [
    hasPassword ? 'password' : isDemo ? 'demo' : 'no password yet',
    hasSecondFactor && 'second factor',
    hasBadge && 'badge',
  ]
    .filter(Boolean)
    .join(', ');

/** One account: what is typed is saved as it is left; a link and a badge code are made here. */
export function AccountRow({
  account,
  people,
  origin,
}: {
  account: AccountShown;
  people: { id: string; name: string }[];
  origin: string;
}) {
  const live = useLive();
  const { send } = useSaving();
  const [said, setSaid] = useState<string | null>(null);
  const [link, setLink] = useState<string | null>(null);
  const path = `/api/accounts/${encodeURIComponent(account.id)}`;
  const { name, signIn, role, personId, licence, ended, seen } = account;
  const sent = async (body: object, word: string) => {
    const outcome = await send(path, body, word);
    setSaid(outcome.status === 'refused' ? outcome.faults.map((one) => one.reason).join('; ') : null);
  };
  const change = (set: Partial<AccountShown>) => {
    const now = { name, signIn, role, personId, licence, ended, ...set };
    return sent({ change: { seen, ...now } }, 'Account saved');
  };
  const makeLink = async () => {
    try {
      const made = await askJson<{ path: string }>(path, jsonPost({ link: true }));
      setLink(`${origin}${made.path}`);
      setSaid(null);
    } catch (error) {
      setSaid(refusalIn(error));
    }
  };
  return (
    <>
      <tr className={`border-b border-line ${ended ? 'text-quiet' : ''}`}>
        <AccountFields account={account} people={people} onChange={(set) => void change(set)} />
        <td className="pr-2 text-small">{hasWords(account)}</td>
        <td className="pr-2">
          <BadgeCode name={name} shut={ended} onSet={(badge) => sent({ badge }, 'Badge code set')} />
        </td>
        <td className="pr-2 whitespace-nowrap">
          <Button disabled={!live || ended} onClick={() => void makeLink()}>
            Make a link
          </Button>
        </td>
        <td className="py-1 whitespace-nowrap">
          {account.hasSecondFactor && (
            <Button
              disabled={!live}
              onClick={() => void sent({ dropSecondFactor: true }, 'Second factor taken away')}
            >
              Drop factor
            </Button>
          )}{' '}
          <Button disabled={!live} onClick={() => void change({ ended: !ended })}>
            {ended ? 'Open again' : 'End'}
          </Button>
        </td>
      </tr>
      {(said ?? link) && (
        <tr>
          <td colSpan={9}>
            {said && (
              <p role="alert" className="text-small text-stop">
                {said}
              </p>
            )}
            {link && (
              <ToldOnce what={`Hand this link to ${name}; within a day it sets the password:`} text={link} />
            )}
          </td>
        </tr>
      )}
    </>
  );
}
