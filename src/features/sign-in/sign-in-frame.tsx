import type { ReactNode } from 'react';
import { Mark } from '../frame/strip';

/** The door of the house: one card beside the mark, nothing of the shop's work behind it. */
export function SignInFrame({ title, shop, children }: { title: string; shop: string; children: ReactNode }) {
  return (
    <main className="grid min-h-dvh grid-cols-[88px_minmax(0,1fr)] max-sm:grid-cols-1">
      <div className="on-strip flex justify-center bg-rail pt-4 text-strip-ink max-sm:py-3">
        <Mark />
      </div>
      <div className="flex flex-col gap-5 px-10 pt-16 pb-10 max-sm:px-5 max-sm:pt-6">
        <p className="text-quiet">{shop}</p>
        <h1 className="text-title font-semibold">{title}</h1>
        <div className="max-w-[40rem]">{children}</div>
      </div>
    </main>
  );
}
