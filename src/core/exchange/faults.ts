import type Joi from 'joi';

/** One thing wrong with an input: where, and why in a sentence. */
export interface Fault {
  /** Path such as `job.sections[2].level`; empty for the whole. */
  place: string;
  reason: string;
}

export type Parsed<T> = { status: 'ok'; value: T } | { status: 'faulty'; faults: Fault[] };

const mostFaults = 100;

const placeOf = (path: readonly (string | number)[]): string =>
  path.reduce<string>(
    (text, part) => (typeof part === 'number' ? `${text}[${part}]` : text ? `${text}.${part}` : part),
    '',
  );

/**
 * Checks a value against a schema; all faults at once, nothing converted but trimmed text.
 * @param convert false takes text as it is, where any text is an id, and refuses a figure in quotes
 */
export function parseWith<T>(schema: Joi.Schema<T>, value: unknown, convert = true): Parsed<T> {
  const result = schema.validate(value, {
    abortEarly: false,
    convert,
    allowUnknown: false,
    errors: { wrap: { label: false } },
  });
  if (!result.error) return { status: 'ok', value: result.value as T };
  const faults = result.error.details.slice(0, mostFaults).map((detail) => ({
    place: placeOf(detail.path),
    reason: detail.message.replace(/^"?\S*"?\s/, (label) =>
      detail.path.length > 0 ? `${String(detail.path.at(-1))} ` : label,
    ),
  }));
  return { status: 'faulty', faults };
}

/** Largest document that is read at all, and how deep it may nest. */
export const documentLimits = { bytes: 20 * 1024 * 1024, depth: 32 };

/** Parses JSON text with limits on size and depth; a key `__proto__` is refused. */
export function parseJson(text: string, limits = documentLimits): Parsed<unknown> {
  const fault = (reason: string): Parsed<unknown> => ({ status: 'faulty', faults: [{ place: '', reason }] });
  if (text.length > limits.bytes)
    return fault(`the file is larger than ${Math.floor(limits.bytes / 1048576)} MB`);
  if (depthOf(text) > limits.depth) return fault(`the file nests deeper than ${limits.depth} levels`);
  try {
    let hidden = false;
    // A key of this name would vanish in copying; nothing of ours is called so.
    const value: unknown = JSON.parse(text, (name, inner: unknown) => {
      hidden ||= name === '__proto__';
      return inner;
    });
    return hidden ? fault('the key __proto__ is not allowed') : { status: 'ok', value };
  } catch (error) {
    return fault(`the file is not JSON: ${error instanceof Error ? error.message : 'unreadable'}`);
  }
}

/** Nesting depth by counting brackets outside strings, before anything is built. */
function depthOf(text: string): number {
  let depth = 0;
  let deepest = 0;
  let inText = false;
  for (let i = 0; i < text.length; i += 1) {
    const sign = text[i];
    if (inText) {
      if (sign === '\\') i += 1;
      else if (sign === '"') inText = false;
    } else if (sign === '"') inText = true;
    else if (sign === '{' || sign === '[') deepest = Math.max(deepest, (depth += 1));
    else if (sign === '}' || sign === ']') depth -= 1;
  }
  return deepest;
}
