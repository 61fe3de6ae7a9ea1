import Link from 'next/link';
import type { Metadata } from 'next';
import { BadgeForm } from '@/features/sign-in/badge-form';
import { LeaveBadge } from '@/features/sign-in/leave-badge';
import { DemoRoles } from '@/features/sign-in/demo-roles';
import { PasswordForm } from '@/features/sign-in/password-form';
import { SignInFrame } from '@/features/sign-in/sign-in-frame';
import { badgeHolders } from '@/server/services/tablets';
import { shopName } from '@/server/services/shop-name';
import { pageCaller } from '../page-caller';

export const metadata: Metadata = { title: 'Sign in' };

interface Given {
  searchParams: Promise<{ to?: string | string[] }>;
}

/** The door: a badge on a tablet, name and password elsewhere, roles to try out in the demo. */
export default async function SignInPage({ searchParams }: Given) {
  const [{ to }, caller, shop] = await Promise.all([searchParams, pageCaller(), shopName()]);
  const where = typeof to === 'string' ? to : null;
  if (caller?.tabletId != null)
    return (
      <SignInFrame
        title="Who works here?"
        shop={`${shop} · ${caller.how === 'tablet' ? caller.name : 'tablet'}`}
      >
        {caller.how === 'badge' && <LeaveBadge name={caller.name} />}
        <BadgeForm people={await badgeHolders()} to={where} />
      </SignInFrame>
    );
  if (caller?.how === 'demo')
    return (
      <SignInFrame title="Demo: nobody is asked for a password" shop={shop}>
        <p className="pb-4">
          Coatrel runs the demo scenario on this machine alone. Choose a role and see what it shows. As soon
          as one account has a password, everybody signs in.
        </p>
        <DemoRoles role={caller.role} />
      </SignInFrame>
    );
  return (
    <SignInFrame title="Sign in" shop={shop}>
      <PasswordForm to={where} />
      <p className="pt-6 text-small">
        Is this a tablet of the shop?{' '}
        <Link href="/pair" className="underline">
          Pair it with its place
        </Link>
      </p>
    </SignInFrame>
  );
}
