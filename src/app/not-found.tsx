import Link from 'next/link';

export default function NotFound() {
  return (
    <main className="mx-auto max-w-prose p-10">
      <h1 className="text-title font-semibold">There is nothing at this address</h1>
      <p className="my-3">The job may have another number, or was never taken in.</p>
      <Link href="/" className="font-semibold underline">
        To the Yard
      </Link>
    </main>
  );
}
