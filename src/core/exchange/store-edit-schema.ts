import Joi from 'joi';
import { moveKinds, type Edit } from '../record';
import type { Parsed } from './faults';
import * as field from './fields';
import * as work from './work-schema';
import { completeProduct, productFaults, productFields, productSchema } from './product-schema';

const seen = () => field.whole(1, 2_000_000_000);
const required = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'required' });

/** Edits of the Shelf and the Stores. */
export const storeEditSchemas = {
  product: required({ kind: Joi.any(), code: field.key(), seen: seen(), product: required(productFields) }),
  'add-products': required({ kind: Joi.any(), products: Joi.array().items(productSchema).min(1).max(1000) }),
  'remove-product': required({ kind: Joi.any(), code: field.key(), seen: seen() }),
  stock: required({
    kind: Joi.any(),
    move: required({
      product: field.key(),
      kind: field.oneOf(moveKinds),
      amount: Joi.when('kind', {
        is: 'counted',
        then: field.figure(-1_000_000, 1_000_000),
        otherwise: field.figure(0, 1_000_000),
      }),
      costMinor: field.moneyMinor(),
      onDate: field.localDate().allow(null),
      untilDate: field.localDate().allow(null),
      job: field.jobNumber().allow(''),
      phase: field.line(32).allow(''),
      batch: field.line(60).allow(''),
      note: field.line(200).allow(''),
    }),
  }),
  'correct-stock': required({ kind: Joi.any(), id: field.key(), note: field.line(200).allow('') }),
  'add-trial': required({
    kind: Joi.any(),
    trial: required({
      purpose: field.line(80).min(1),
      name: field.line(80).min(1),
      priceMinorEach: field.moneyMinor(),
      used: field.figure(0, 100_000),
      areaM2: field.areaM2(),
      minutes: field.figure(0, 100_000),
      note: field.line(200).allow(''),
    }),
  }),
  'remove-trial': required({ kind: Joi.any(), id: field.key(), seen: seen() }),
  'place-air': required({
    kind: Joi.any(),
    place: field.key(),
    seen: seen(),
    airC: field.figure(-20, 50),
    profile: field.climateProfile().allow(null),
    forecast: field.forecast(),
  }),
};

/** Edits of steps by hand and of the job's scope. */
export const stepEditSchemas = {
  step: required({
    kind: Joi.any(),
    job: field.jobNumber(),
    step: field.key(),
    seen: seen().allow(null),
    set: Joi.object(work.stepEditFields).options({ presence: 'optional' }).min(1),
  }),
  'add-step': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    step: required(work.addedStepFields),
  }),
  'remove-added-step': required({ kind: Joi.any(), job: field.jobNumber(), id: field.key(), seen: seen() }),
  'sign-off': required({ kind: Joi.any(), job: field.jobNumber(), signOff: required(work.signOffFields) }),
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
    change: required({
      what: field.line(200).min(1),
      hours: field.figure(-10_000, 10_000),
      moneyMinor: field.whole(-100_000_000, 100_000_000),
      days: field.whole(-365, 365),
      agreedBy: field.line(80).min(1),
    }),
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
