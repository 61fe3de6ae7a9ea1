'use client';

import Link from 'next/link';
import { Button } from '@/ui/button';

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="mx-auto max-w-prose p-10">
      <h1 className="text-title font-semibold">This page could not be shown</h1>
      <p className="my-3">
        Nothing that was saved is lost. The database may be starting again; try once more in a moment. If the
        page fails since your last change, undo it under{' '}
        <Link href="/changes" className="underline">
          Changes
        </Link>
        , a page that draws nothing.
      </p>
      <Button look="main" onClick={reset}>
        Try again
      </Button>
    </main>
  );
}
