import Joi from 'joi';
import * as field from '../concepts/atoms';
import { exactly as required, seen } from '../concepts/atoms';
import { editSchema, recordKeys, without } from '../concepts/field';
import { placeFields } from '../concepts/shop';
import { addedStepFields, scopeChangeFields, signOffFields, stepEditFields } from '../concepts/step-records';
import { stockMoveFields, trialFields } from '../concepts/stock';
import { workNoteFields } from '../concepts/work-note';
import { isTied, type Edit, type NewNote } from '../record';
import type { Parsed } from './faults';
import { completeProduct, productFaults, productKeys, productSchema } from './product-schema';
import * as work from './work-schema';

/** Edits of the Shelf and the Stores, and of what the shop has learned. */
export const storeEditSchemas = {
  'add-note': required({
    kind: Joi.any(),
    note: required(recordKeys(without(workNoteFields, 'onDate', 'retiredOn', 'retiredWhy'))).custom(
      (note: NewNote, helper) =>
        isTied(note)
          ? note
          : helper.message({ custom: '{{#label}} must hold for an operation, a product, a body or a place' }),
    ),
  }),
  'retire-note': required({ kind: Joi.any(), id: field.key(), seen: seen(), why: field.line(200).min(1) }),
  product: required({ kind: Joi.any(), code: field.key(), seen: seen(), product: required(productKeys) }),
  'add-products': required({ kind: Joi.any(), products: Joi.array().items(productSchema).min(1).max(1000) }),
  'remove-product': required({ kind: Joi.any(), code: field.key(), seen: seen() }),
  stock: required({
    kind: Joi.any(),
    move: required({
      ...recordKeys(without(stockMoveFields, 'onDate', 'corrects')),
      onDate: stockMoveFields.onDate.joi.allow(null),
    }),
  }),
  'correct-stock': required({ kind: Joi.any(), id: field.key(), note: field.line(200).allow('') }),
  'add-trial': required({ kind: Joi.any(), trial: required(recordKeys(trialFields)) }),
  'remove-trial': required({ kind: Joi.any(), id: field.key(), seen: seen() }),
  'place-air': required({
    kind: Joi.any(),
    place: field.key(),
    seen: seen(),
    airC: placeFields.airC.joi,
    profile: placeFields.profile.joi,
    forecast: placeFields.forecast.joi,
  }),
};

/** Edits of steps by hand and of the job's scope. */
export const stepEditSchemas = {
  step: required({
    kind: Joi.any(),
    job: field.jobNumber(),
    step: field.key(),
    seen: seen().allow(null),
    set: editSchema(without(stepEditFields, 'step')),
  }),
  'add-step': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    step: required(recordKeys(addedStepFields)),
  }),
  'remove-added-step': required({ kind: Joi.any(), job: field.jobNumber(), id: field.key(), seen: seen() }),
  'sign-off': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    signOff: required(recordKeys(without(signOffFields, 'signedBy', 'bound'))),
  }),
  'remove-sign-off': required({ kind: Joi.any(), job: field.jobNumber(), step: field.key(), seen: seen() }),
  operation: required({
    kind: Joi.any(),
    code: field.operationCode(),
    seen: seen().allow(null),
    entry: work.operationEntry().allow(null),
  }),
  'add-scope': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    change: required(recordKeys(without(scopeChangeFields, 'onDate'))),
  }),
  'remove-scope': required({ kind: Joi.any(), job: field.jobNumber(), id: field.key(), seen: seen() }),
};

/** Products of an edit with what their sheets leave out filled in; faults no single field shows are named. */
export function completeProducts(parsed: Parsed<Edit>): Parsed<Edit> {
  if (parsed.status === 'faulty') return parsed;
  const edit = parsed.value;
  if (edit.kind === 'product') {
    const { code, ...product } = completeProduct({ code: edit.code, ...edit.product });
    const faults = productFaults({ code, ...product }, 'product');
    return faults.length > 0 ? { status: 'faulty', faults } : { status: 'ok', value: { ...edit, product } };
  }
  if (edit.kind === 'add-products') {
    const products = edit.products.map(completeProduct);
    const faults = products.flatMap((product, i) => [
      ...productFaults(product, `products[${i}]`),
      ...(products.findIndex((one) => one.code === product.code) < i
        ? [{ place: `products[${i}].code`, reason: `${product.code} stands twice` }]
        : []),
    ]);
    return faults.length > 0 ? { status: 'faulty', faults } : { status: 'ok', value: { ...edit, products } };
  }
  return parsed;
}
