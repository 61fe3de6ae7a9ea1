import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { SecondFactorForm } from '@/features/sign-in/second-factor-form';
import { SignInFrame } from '@/features/sign-in/sign-in-frame';
import { shopName } from '@/server/services/shop-name';
import { pageCaller } from '../../page-caller';

export const metadata: Metadata = { title: 'Second factor' };

interface Given {
  searchParams: Promise<{ to?: string | string[] }>;
}

/** The second thing one proves it by, after the password. */
export default async function SecondFactorPage({ searchParams }: Given) {
  const [{ to }, caller, shop] = await Promise.all([searchParams, pageCaller(), shopName()]);
  if (caller?.needs !== 'second-factor') redirect('/sign-in');
  return (
    <SignInFrame title="Second factor" shop={shop}>
      <SecondFactorForm to={typeof to === 'string' ? to : null} />
    </SignInFrame>
  );
}
