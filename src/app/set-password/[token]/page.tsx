import type { Metadata } from 'next';
import { NewPasswordForm } from '@/features/sign-in/new-password-form';
import { SignInFrame } from '@/features/sign-in/sign-in-frame';
import { accountBehind } from '@/server/services/own-account';
import { shopName } from '@/server/services/shop-name';

export const metadata: Metadata = { title: 'Set a password', robots: { index: false, follow: false } };

interface Given {
  params: Promise<{ token: string }>;
}

/** Where a one-time link leads. */
export default async function SetPasswordPage({ params }: Given) {
  const { token } = await params;
  const [account, shop] = await Promise.all([accountBehind(token), shopName()]);
  return (
    <SignInFrame title={account ? `Welcome, ${account.name}` : 'This link opens nothing'} shop={shop}>
      {account ? (
        <NewPasswordForm token={token} signIn={account.signIn} />
      ) : (
        <p>It was used already, or a day has passed since it was made. Ask a manager for another.</p>
      )}
    </SignInFrame>
  );
}
