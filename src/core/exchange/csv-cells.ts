/** Spreadsheets run cells that begin so; an apostrophe keeps them text, and is taken off again on the way in. */
const risky = /^[=+\-@\t\r]/;
export const guard = (text: string) => (risky.test(text) || text.startsWith("'") ? `'${text}` : text);
export const unguard = (text: string) =>
  text.startsWith("'") && (risky.test(text.slice(1)) || text.startsWith("''")) ? text.slice(1) : text;
