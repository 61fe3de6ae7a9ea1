import Joi from 'joi';
import * as atom from './atoms';

/** How a value is kept, in words of our own: the core must not know what a column is. */
export type Store =
  | { kind: 'int' | 'bigint' | 'double' | 'flag' | 'day' | 'minute' | 'word' | 'id' | 'json' }
  | { kind: 'text'; length: number };

/** What a field can hold; `undefined` stands for "not named" and is no value. */
export type Value = string | number | boolean | object | null;

/** One field of a concept: what it may hold, how it is kept, and what older records that lack it say. */
export interface Field<T extends Value> {
  /** Of a value that is there; whether it must be there is for the schema to say. */
  readonly joi: Joi.AnySchema;
  readonly store: Store;
  readonly nullable: boolean;
  /** What stands in a record written before the field was; null where it was there from the start. */
  readonly older: { readonly value: T } | null;
}

export type Fields = Readonly<Record<string, Field<Value>>>;
export type TypeOf<F extends Fields> = { -readonly [K in keyof F]: F[K] extends Field<infer T> ? T : never };
/** What a form sends: only the named ones are touched. */
export type EditOf<F extends Fields> = Partial<TypeOf<F>>;

/** The only place where a Joi schema and a type are said to belong together; Joi itself infers none. */
const field = <T extends Value>(joi: Joi.AnySchema, store: Store): Field<T> => ({
  joi,
  store,
  nullable: false,
  older: null,
});

export const whole = (min: number, max: number) => field<number>(atom.whole(min, max), { kind: 'int' });
export const figure = (min: number, max: number) => field<number>(atom.figure(min, max), { kind: 'double' });
export const flag = () => field<boolean>(atom.flag(), { kind: 'flag' });
export const localDate = () => field<string>(atom.localDate(), { kind: 'day' });
/** Minutes since 1970 UTC; files write them as an instant. */
export const minute = () => field<number>(atom.whole(0, atom.lastMinute), { kind: 'minute' });
/** Minor units up to a million; sums of them are kept as bigint. */
export const moneyMinor = () => field<number>(atom.moneyMinor(), { kind: 'int' });
export const bigMoneyMinor = (min = 0) => field<number>(atom.whole(min, 100_000_000), { kind: 'bigint' });

export const word = <const W extends readonly string[]>(words: W) =>
  field<W[number]>(atom.oneOf(words), { kind: 'word' });
/** A short word by a rule of its own, such as a colour or a key. */
export const wordBy = (joi: Joi.StringSchema) => field<string>(joi, { kind: 'word' });
export const id = (joi: Joi.StringSchema = atom.key()) => field<string>(joi, { kind: 'id' });

/**
 * One line of text without control characters.
 * @param min 0 allows none   @param length of the column, where it is longer than the text may be
 */
export const text = (max: number, min = 0, length = Math.max(80, max)) => {
  const line = atom.line(max);
  return field<string>(min === 0 ? line.allow('') : line.min(min), { kind: 'text', length });
};

/** A whole document in one column; its type is written down, never taken from what Joi left open. */
export const document = <T extends Value = never>(joi: Joi.Schema) => field<T>(joi, { kind: 'json' });

export const nullable = <T extends Value>(one: Field<T>): Field<T | null> => ({
  joi: one.joi.allow(null),
  store: one.store,
  nullable: true,
  older: one.older,
});

/** A field that came later. Joi never checks its defaults, so the older value is checked when the module loads. */
export function since<T extends Value>(older: NoInfer<T>, one: Field<T>): Field<T> {
  Joi.assert(older, one.joi);
  return { joi: one.joi, store: one.store, nullable: one.nullable, older: { value: older } };
}

/** A concept without some of its fields. */
export function without<F extends Fields, K extends keyof F>(fields: F, ...keys: K[]): Omit<F, K> {
  const left: Partial<F> = { ...fields };
  for (const key of keys) delete left[key];
  // What was deleted is what the type leaves out.
  return left as Omit<F, K>;
}

type Keys = Record<string, Joi.Schema>;
const keysOf = (fields: Fields, of: (one: Field<Value>) => Joi.Schema): Keys =>
  Object.fromEntries(Object.entries(fields).map(([key, one]) => [key, of(one)]));

/** Of an edit that makes a record: every field must be named. */
export const recordKeys = (fields: Fields): Keys => keysOf(fields, ({ joi }) => joi.required());

/** Of an edit that changes a record: any of the fields, at least one. */
export const editSchema = <F extends Fields>(fields: F): Joi.ObjectSchema<EditOf<F>> =>
  // Presence stands at the object itself: `optional` among the options would free the object too.
  Joi.object<EditOf<F>>(keysOf(fields, ({ joi }) => joi.optional()))
    .min(1)
    .required()
    .options({ presence: 'optional' });

const fileJoi = ({ joi, store, nullable: mayBeNull }: Field<Value>): Joi.Schema =>
  store.kind !== 'minute' ? joi : mayBeNull ? atom.instant().allow(null) : atom.instant();

/** Of a file: every field, later ones with what older files mean by leaving them out. */
export const fileKeys = (fields: Fields): Keys =>
  keysOf(fields, (one) =>
    one.older ? fileJoi(one).default(one.older.value).optional() : fileJoi(one).required(),
  );

const written = (one: Field<Value>, value: Value | undefined) =>
  one.store.kind === 'minute' && typeof value === 'number' ? atom.instantOf(value) : value;

/** A record as a file writes it: minutes as instants, nothing but the concept's own fields. */
export const toFile = <F extends Fields>(
  fields: F,
  record: TypeOf<F>,
): { [K in keyof F]: Value | undefined } =>
  // The cast: an object built from entries has forgotten which key holds what.
  Object.fromEntries(Object.entries(fields).map(([key, one]) => [key, written(one, record[key])])) as {
    [K in keyof F]: Value | undefined;
  };

/** A row or a document as it may stand in the database: later fields may be missing or null. */
export type Stored<F extends Fields> = { readonly [K in keyof F]?: TypeOf<F>[K] | null };

/**
 * The concept's own part of a row or document, with what was added since filled in.
 * The cast: an object built from entries has forgotten which key holds what.
 */
export const recordOf = <F extends Fields>(fields: F, row: Stored<F>): TypeOf<F> =>
  Object.fromEntries(
    Object.entries(fields).map(([key, one]) => {
      const value = row[key];
      const missing = value === undefined || (value === null && !one.nullable);
      return [key, missing && one.older ? one.older.value : value];
    }),
  ) as TypeOf<F>;
