'use client';

import { accountRoles, roleWords } from '@/core/rights';
import { Button } from '@/ui/button';
import { askJson, jsonPost, refusalIn } from '../frame/asking';
import { EntryForm, Line, Pick } from '../frame/entry-form';
import { useSaving } from '../frame/saving';

/** Makes an account. @param onMade is told the path of the link by which its password is set */
export function NewAccount({
  people,
  onMade,
}: {
  people: { id: string; name: string }[];
  onMade(path: string): void;
}) {
  const { refresh } = useSaving();
  return (
    <EntryForm
      label="New account"
      deed="account"
      className="flex flex-wrap items-center gap-2"
      start={{ name: '', signIn: '', role: 'crew', personId: '', licence: '' }}
      send={async ({ name, signIn, role, personId, licence }) => {
        try {
          const body = { name, signIn: signIn.toLowerCase(), role, personId: personId || null, licence };
          const { path } = await askJson<{ path: string }>('/api/accounts', jsonPost(body));
          onMade(path);
          refresh();
          return null;
        } catch (error) {
          return refusalIn(error);
        }
      }}
    >
      {(form) => (
        <>
          <Line
            form={form}
            name="name"
            label="Name"
            placeholder="name"
            maxLength={60}
            required
            className="w-36"
          />
          <Line
            form={form}
            name="signIn"
            label="Signs in as"
            placeholder="signs in as"
            maxLength={60}
            required
            className="w-32"
          />
          <Pick
            form={form}
            name="role"
            label="Role"
            className="w-40"
            options={accountRoles.map((role) => ({
              value: role,
              text: roleWords[role].name,
            }))}
          />
          <Pick
            form={form}
            name="personId"
            label="Works here as"
            className="w-36"
            options={[
              { value: '', text: 'no one of the crew' },
              ...people.map(({ id, name }) => ({ value: id, text: name })),
            ]}
          />
          <Line
            form={form}
            name="licence"
            label="Licence"
            placeholder="licence"
            maxLength={60}
            className="w-28"
          />
          <Button type="submit">Make the account</Button>
        </>
      )}
    </EntryForm>
  );
}
