import type { Metadata } from 'next';
import localFont from 'next/font/local';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { SavingProvider } from '@/features/frame/saving';
import { WhoProvider, type Who } from '@/features/frame/who';
import { pageToken } from '@/server/access/tokens';
import { lastChange } from '@/server/live';
import { StyleNonce } from '@/ui/style-nonce';
import { TextureDefinitions } from '@/ui/textures';
import { pageCaller } from './page-caller';
import '@/ui/theme.css';

const legible = localFont({
  variable: '--font-legible',
  display: 'block',
  src: [
    {
      path: '../../node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2',
      weight: '400',
    },
    {
      path: '../../node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-600-normal.woff2',
      weight: '600',
    },
  ],
});

export const metadata: Metadata = {
  title: { default: 'Coatrel', template: '%s · Coatrel' },
  description: 'Plans and runs full-size repaints.',
};
export const dynamic = 'force-dynamic';

/** Who sits before the page; nobody where the database does not answer, which the page itself says. */
async function whoIsHere(): Promise<{ who: Who | null; token: string; mark: number }> {
  const nobody = { who: null, token: '', mark: 0 };
  const [caller, mark] = await Promise.all([pageCaller(), lastChange()]).catch(() => [null, 0] as const);
  if (!caller) return nobody;
  const { name, role, rights, how, tabletId, session, needs } = caller;
  return {
    who: { name, role, rights, how, onTablet: tabletId !== null, needsFactor: needs === 'own-second-factor' },
    token: session === null ? '' : pageToken(session),
    mark,
  };
}

export default async function Layout({ children }: { children: ReactNode }) {
  const { who, token, mark } = await whoIsHere();
  const theme = (await cookies()).get('coatrel-theme')?.value === 'dark' ? 'dark' : 'light';
  return (
    <html lang="en-GB" data-theme={theme} className={legible.variable} suppressHydrationWarning>
      <body>
        <StyleNonce nonce={(await headers()).get('x-nonce') ?? ''} />
        <TextureDefinitions />
        {who && <meta name="live-mark" content={String(mark)} />}
        {token !== '' && <meta name="page-token" content={token} />}
        <WhoProvider who={who}>
          <SavingProvider>{children}</SavingProvider>
        </WhoProvider>
      </body>
    </html>
  );
}
