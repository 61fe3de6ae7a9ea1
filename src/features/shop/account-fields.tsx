'use client';

import { accountRoles, roleWords } from '@/core/rights';
import { useLive } from '@/ui/use-live';
import type { AccountShown } from './accounts-props';

/** What a manager says of an account, a cell each. */
export function AccountFields({
  account,
  people,
  onChange,
}: {
  account: AccountShown;
  people: { id: string; name: string }[];
  onChange(set: Partial<AccountShown>): void;
}) {
  const live = useLive();
  const { name, role, personId } = account;
  const field = (label: string, key: 'name' | 'signIn' | 'licence', width: string) => (
    <td className="py-1 pr-2">
      <input
        key={account[key]}
        aria-label={`${label} of ${name}`}
        defaultValue={account[key]}
        disabled={!live}
        className={width}
        onBlur={(event) => {
          const typed = event.target.value.trim();
          if (typed !== account[key]) onChange({ [key]: typed });
        }}
      />
    </td>
  );
  return (
    <>
      {field('Name', 'name', 'w-32')}
      {field('Signs in as', 'signIn', 'w-28')}
      <td className="pr-2">
        <select
          aria-label={`Role of ${name}`}
          value={role}
          disabled={!live}
          className="w-40"
          onChange={(event) => onChange({ role: accountRoles.find((one) => one === event.target.value) })}
        >
          {accountRoles.map((one) => (
            <option key={one} value={one}>
              {roleWords[one].name}
            </option>
          ))}
        </select>
      </td>
      <td className="pr-2">
        <select
          aria-label={`${name} works here as`}
          value={personId ?? ''}
          disabled={!live}
          className="w-24"
          onChange={(event) => onChange({ personId: event.target.value || null })}
        >
          <option value="">–</option>
          {people.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </td>
      {field('Licence', 'licence', 'w-24')}
    </>
  );
}
