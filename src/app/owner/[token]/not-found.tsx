/** A link that is none, is over or was taken back: all three are told alike. */
export default function NotFound() {
  return (
    <main className="mx-auto max-w-prose p-6">
      <h1 className="text-title font-semibold">This link opens nothing</h1>
      <p className="my-3">It may be over. Ask the shop for another.</p>
    </main>
  );
}
