/** A link or a code that is told once, to hand over. */
export const ToldOnce = ({ what, text }: { what: string; text: string }) => (
  <p role="status" className="my-2 border border-strong bg-raised p-2">
    {what} <code className="font-semibold break-all select-all">{text}</code>{' '}
    <span className="text-quiet">It is shown this once.</span>
  </p>
);
