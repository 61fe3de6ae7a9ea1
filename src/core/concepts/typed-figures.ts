import Joi from 'joi';
import { figureEntry, figureKeys, figureScopes, type FigureScope, type TypedFigure } from '../figures';
import * as atom from './atoms';

const rangeOf = ({ key, value }: TypedFigure): string | null => {
  const { words, unit, least, most, whole } = figureEntry(key);
  if (value < least || value > most) return `${words}: ${value} ${unit} is outside ${least}–${most} ${unit}`;
  return whole && !Number.isInteger(value) ? `${words}: ${value} is no whole number` : null;
};

/** A figure is refused where it is typed: out of range, in a scope that it does not have, or naming nothing. */
const sensible: Joi.CustomValidator<TypedFigure> = (one, helper) => {
  const fault = (custom: string) => helper.message({ custom: `{{#label}}: ${custom}` });
  if (!figureEntry(one.key).scopes.includes(one.scope))
    return fault(`${one.key} is not typed for a ${one.scope}`);
  const isNamed = one.scope !== 'shop' && one.scope !== 'job';
  if (isNamed !== (one.of !== '')) return fault(isNamed ? `names no ${one.scope}` : 'names something');
  const range = rangeOf(one);
  return range === null ? one : fault(range);
};

/** Figures typed for a shop and its products, or for a job, its sections and panels; each place once. */
export const typedFigures = (scopes: readonly FigureScope[]) =>
  Joi.array()
    .items(
      atom
        .exactly({
          key: atom.oneOf(figureKeys),
          scope: atom.oneOf(figureScopes.filter((one) => scopes.includes(one))),
          of: atom.line(60).allow(''),
          value: Joi.number().strict().required(),
        })
        .custom(sensible),
    )
    .max(600)
    .unique((a: TypedFigure, b: TypedFigure) => a.key === b.key && a.scope === b.scope && a.of === b.of)
    .messages({ 'array.unique': '{{#label}} is typed twice for one place' });
