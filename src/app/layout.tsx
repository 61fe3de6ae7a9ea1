import type { Metadata } from 'next';
import localFont from 'next/font/local';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { SavingProvider } from '@/features/frame/saving';
import { StyleNonce } from '@/ui/style-nonce';
import { TextureDefinitions } from '@/ui/textures';
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

export default async function Layout({ children }: { children: ReactNode }) {
  const theme = (await cookies()).get('coatrel-theme')?.value === 'dark' ? 'dark' : 'light';
  return (
    <html lang="en-GB" data-theme={theme} className={legible.variable} suppressHydrationWarning>
      <body>
        <StyleNonce nonce={(await headers()).get('x-nonce') ?? ''} />
        <TextureDefinitions />
        <SavingProvider>{children}</SavingProvider>
      </body>
    </html>
  );
}
