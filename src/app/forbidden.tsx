import Link from 'next/link';
import { roleWords } from '@/core/rights';
import { pageCaller } from './page-caller';

/** What somebody sees who may not read a page: as what they are here, and who may. */
export default async function Forbidden() {
  const caller = await pageCaller();
  const roles = caller?.rights.map((one) => roleWords[one].name.toLowerCase()).join(' and ');
  return (
    <main className="mx-auto max-w-prose p-10">
      <h1 className="text-title font-semibold">This page is not for your role</h1>
      <p className="my-3">
        You are here as {caller?.name ?? 'nobody'} with the rights of {roles ?? 'nobody'}. A manager says in
        Shop, Accounts, who may read what.
      </p>
      <p className="flex gap-4">
        <Link href="/" className="font-semibold underline">
          To the Yard
        </Link>
        <Link href="/sign-in" className="font-semibold underline">
          Sign in as somebody else
        </Link>
      </p>
    </main>
  );
}
