import type { Metadata } from 'next';
import { PairForm } from '@/features/sign-in/pair-form';
import { SignInFrame } from '@/features/sign-in/sign-in-frame';
import { shopName } from '@/server/services/shop-name';

export const metadata: Metadata = { title: 'Pair a tablet' };

/** Where a tablet becomes one of the shop's. */
export default async function PairPage() {
  return (
    <SignInFrame title="Pair this tablet with its place" shop={await shopName()}>
      <PairForm />
    </SignInFrame>
  );
}
