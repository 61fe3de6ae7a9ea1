import Joi from 'joi';
import type { ColourCover } from '../record/colour-words';
import { layerRoles, levels } from '../film/coat-system';
import { depths, oldFinishes } from '../record/depth';
import { isLocalDate } from '../units';
import { bodyKinds, substrates } from '../vehicle';

/**
 * Joi schemas of single values, shared by concepts, edits, routes, command and files. Figures and flags are strict:
 * a text where a number belongs is refused, never turned into one.
 */

/**
 * Signs that are not seen and change how a line reads: control characters, ends of lines, marks that turn the reading
 * direction (a name could pose as another), and the order mark of files.
 */
export const hiddenSigns =
  '[\\u0000-\\u001f\\u007f-\\u009f\\u061c\\u200e\\u200f\\u2028-\\u202e\\u2066-\\u2069\\ufeff]';
const noHiddenSigns = new RegExp(`^(?!.*${hiddenSigns})`, 'su');

/** One line of text without control characters. */
export const line = (max: number) =>
  Joi.string()
    .trim()
    .max(max)
    .pattern(noHiddenSigns)
    .messages({ 'string.pattern.base': '{{#label}} must not contain control characters' });

export const requiredLine = (max: number) => line(max).min(1).required();

export const localDate = () =>
  Joi.string()
    .custom((value: string, helper) => (isLocalDate(value) ? value : helper.error('date.local')))
    .messages({
      'date.local': '{{#label}} must be a real day written YYYY-MM-DD, from 1970 to 2199',
    });

export const figure = (min: number, max: number) => Joi.number().strict().min(min).max(max);
export const whole = (min: number, max: number) => Joi.number().strict().integer().min(min).max(max);
export const flag = () => Joi.boolean().strict();
export const moneyMinor = () => whole(0, 100_000_000);
export const oneOf = <T extends string>(values: readonly T[]) => Joi.string().valid(...values);

export const jobNumber = () =>
  Joi.string()
    .pattern(/^[A-Z][A-Z0-9]{0,3}-\d{1,6}$/)
    .messages({
      'string.pattern.base': '{{#label}} must be capital letters, a hyphen and digits, such as P-014',
    });

export const key = () =>
  Joi.string()
    .pattern(/^[A-Za-z0-9][A-Za-z0-9 _./:~-]{0,119}$/)
    .messages({ 'string.pattern.base': '{{#label}} must be a key of letters, digits and _ . / : ~ -' });

/** Code of an operation: small letters and hyphens. */
export const operationCode = () =>
  Joi.string()
    .pattern(/^[a-z][a-z0-9-]{0,29}$/)
    .messages({ 'string.pattern.base': '{{#label}} must be small letters, digits and hyphens' });

/** Name of a part of a section; empty for none. */
export const lotName = () =>
  Joi.string()
    .pattern(/^[A-Za-z0-9][A-Za-z0-9 ]{0,23}$/)
    .allow('')
    .messages({ 'string.pattern.base': '{{#label}} must be up to 24 letters, digits and blanks' });

export const sha256 = () =>
  Joi.string()
    .pattern(/^[0-9a-f]{64}$/)
    .messages({ 'string.pattern.base': '{{#label}} is no SHA-256' });
export const hexColour = () =>
  Joi.string()
    .pattern(/^#[0-9a-f]{6}$/)
    .messages({ 'string.pattern.base': '{{#label}} must be a colour written #rrggbb in small letters' });

/** CIELAB: lightness of 0 to 100, a and b as far as any surface reaches. */
export const lab = () =>
  Joi.object({ l: figure(0, 100), a: figure(-150, 150), b: figure(-150, 150) }).options({
    presence: 'required',
  });

export const level = () => oneOf(levels);
export const depth = () => oneOf(depths);
export const oldFinish = () => oneOf(oldFinishes);
export const substrate = () => oneOf(substrates);
export const bodyKind = () => oneOf(bodyKinds.map((kind) => kind.key));
/** Key of a coat system or a ladder: which of them there are is the shop's affair. */
const wayKey = () =>
  Joi.string()
    .pattern(/^[a-z][a-z0-9-]{0,39}$/)
    .messages({ 'string.pattern.base': '{{#label}} must be small letters, digits and hyphens' });
export const coatSystem = wayKey;
export const ladder = wayKey;
/** Air of single days, typed from a forecast. */
export const forecast = () =>
  Joi.array()
    .items(
      Joi.object({
        date: localDate(),
        workC: figure(-30, 50),
        nightC: figure(-30, 50),
        humidity: figure(1, 100),
      }).options({ presence: 'required' }),
    )
    .max(60)
    .unique('date');
/** Twelve months of a place's air: in working hours, at night, and the humidity. */
export const climateProfile = () =>
  Joi.array()
    .items(
      Joi.object({
        workC: figure(-20, 50).required(),
        nightC: figure(-20, 50).required(),
        humidity: figure(1, 100).required(),
      }),
    )
    .length(12);
export const coatCounts = () =>
  Joi.object(Object.fromEntries(layerRoles.map((role) => [role, whole(0, 12).optional()])));
export const dimensionFigures = () =>
  Joi.object()
    .pattern(/^[a-zA-Z]{1,20}$/, figure(0, 100))
    .max(12);

export const hours = () => figure(0, 100_000);
export const areaM2 = () => figure(0.001, 1000);

/** Between which minutes of the day loud work may be done. */
export const loudHours = () =>
  Joi.object({
    fromMin: whole(0, 1440),
    toMin: whole(0, 1440).greater(Joi.ref('fromMin')).messages({
      'number.greater': '{{#label}} must lie after the start',
    }),
    weekends: flag(),
  }).options({ presence: 'required' });
/** Where a shop stands. */
export const site = () =>
  Joi.object({ latitudeDeg: figure(-90, 90), longitudeDeg: figure(-180, 180) }).options({
    presence: 'required',
  });
/** First and last day of something. */
export const dayRange = () =>
  Joi.object({
    from: localDate(),
    to: localDate()
      .custom((to: string, helper) => {
        const { from } = helper.state.ancestors[0] as { from?: string };
        return from !== undefined && to < from ? helper.error('date.order') : to;
      })
      .messages({ 'date.order': '{{#label}} lies before the first day' }),
  }).options({ presence: 'required' });
/** Hours of one's own, each weekday once. */
export const ownHours = () =>
  Joi.array()
    .items(
      Joi.object({
        weekday: whole(1, 7),
        startMin: whole(0, 1439),
        endMin: whole(1, 1440).greater(Joi.ref('startMin')).messages({
          'number.greater': '{{#label}} must lie after the start',
        }),
      }).options({ presence: 'required' }),
    )
    .max(7)
    .unique('weekday');
/** Whiles in which a place cannot be used. */
export const placeClosures = () =>
  Joi.array()
    .items(
      Joi.object({
        from: localDate(),
        fromMin: whole(0, 1440),
        to: localDate(),
        toMin: whole(0, 1440),
        reason: line(80).allow(''),
      })
        .options({ presence: 'required' })
        .custom((one: { from: string; fromMin: number; to: string; toMin: number }, helper) =>
          one.to < one.from || (one.to === one.from && one.toMin <= one.fromMin)
            ? helper.error('closure.order')
            : one,
        )
        .messages({ 'closure.order': '{{#label}} ends before it begins' }),
    )
    .max(200);
/** Colours that are covered though they come later, each with the one that is sprayed meanwhile, by section or lot. */
export const colourCovers = () =>
  Joi.array()
    .items(exactly({ sprayed: key(), covered: key() }))
    .max(200)
    .unique((a: ColourCover, b: ColourCover) => a.sprayed === b.sprayed && a.covered === b.covered)
    .messages({ 'array.unique': '{{#label}} stands there twice' });
/** Rates by operation, minutes by its unit. */
export const ratesByOperation = () =>
  Joi.object()
    .pattern(/^[a-z][a-z0-9-]{0,29}$/, figure(0, 10_000))
    .max(500);
/** Film at which a colour hides what lies beneath, as drawn down on a card: by the product or the colour beneath, empty for any. */
export const recipe = () =>
  Joi.array()
    .items(exactly({ name: line(60).min(1), grams: figure(0.001, 1_000_000) }))
    .max(24);
export const hidesOver = () =>
  Joi.array()
    .items(exactly({ over: key().allow(''), um: figure(1, 2000) }))
    .max(40)
    .unique((a: { over: string }, b: { over: string }) => a.over === b.over)
    .messages({ 'array.unique': '{{#label}} names one ground twice' });

/** Sections and lots by key, each once. */
export const colourOrder = () =>
  Joi.array().items(key()).max(80).unique().messages({ 'array.unique': 'it stands in the order twice' });
/** Keys of steps, each once, in an order that was found. */
export const stepOrder = () => Joi.array().items(Joi.string().min(1).max(160)).max(4000).unique();

/** The last minute of 2199: no clock of ours runs longer. */
export const lastMinute = 120_968_639;
export const instantOf = (minute: number): string => new Date(minute * 60000).toISOString();
/** An instant in UTC, read as minutes since 1970. */
export const instant = () =>
  Joi.string()
    .isoDate()
    .pattern(/Z$/)
    .custom((text: string, helper) => {
      const minute = Math.round(Date.parse(text) / 60000);
      return minute >= 0 && minute <= lastMinute ? minute : helper.error('instant.range');
    })
    .messages({
      'string.pattern.base': '{{#label}} must be in UTC and end in Z',
      'instant.range': '{{#label}} must lie between 1970 and 2199',
    });

export const partKey = () =>
  Joi.string()
    .pattern(/^[A-Za-z0-9][A-Za-z0-9_-]{0,19}$/)
    .messages({ 'string.pattern.base': '{{#label}} must be up to 20 letters, digits, _ or -' });

/** Version of a row that the writer saw; null where there was none yet. */
export const seen = () => whole(1, 2_000_000_000);
export const seenOrNew = () => seen().allow(null);

/** An object all of whose keys must be there, and no others. */
export const exactly = (keys: Record<string, Joi.Schema>) =>
  Joi.object(keys).options({ presence: 'required' });

export const currency = () =>
  Joi.string()
    .pattern(/^[A-Z]{3}$/)
    .messages({ 'string.pattern.base': '{{#label}} must be three capital letters such as GBP' });
export const timeZone = () =>
  line(60)
    .min(1)
    .custom((zone: string, helper) => {
      try {
        new Intl.DateTimeFormat('en', { timeZone: zone });
        return zone;
      } catch {
        return helper.error('zone.unknown');
      }
    })
    .messages({ 'zone.unknown': '{{#label}} must be the name of a time zone such as Europe/London' });
