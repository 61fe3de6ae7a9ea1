import Joi from 'joi';
import {
  fittingChoices,
  fittingNeeds,
  fittingStates,
  gateKinds,
  holeActions,
  type StripDownName,
} from '../record';
import * as field from './fields';
import { partKey } from './survey-schema';

const minutes = () => field.figure(0, 10_000);

/** Joi fields of the strip-down lists by name, without the id; shared by edits and the job bundle. */
export const stripDownFields: Record<StripDownName, Record<string, Joi.Schema>> = {
  fittings: {
    name: field.line(80).min(1),
    part: partKey(),
    tag: field.line(20).allow(''),
    removeMin: minutes(),
    refitMin: minutes(),
    maskMin: minutes(),
    choice: field.oneOf(fittingChoices),
    needs: field.oneOf(fittingNeeds),
    benchMin: minutes(),
    readyOn: field.localDate().allow(null),
    state: field.oneOf(fittingStates),
    condition: field.line(120).allow(''),
    note: field.line(200).allow(''),
  },
  holes: {
    part: partKey(),
    diameterMm: field.figure(0.1, 1000),
    fromLeftMm: field.figure(0, 20_000),
    fromTopMm: field.figure(0, 20_000),
    action: field.oneOf(holeActions),
    sealant: field.line(80).allow(''),
    done: field.flag(),
    note: field.line(200).allow(''),
  },
  gates: {
    section: field.key(),
    kind: field.oneOf(gateKinds),
    what: field.line(120).allow(''),
    gapMm: field.figure(0, 100).allow(null),
    flushMm: field.figure(-50, 50).allow(null),
    attempts: field.whole(0, 100),
    done: field.flag(),
    doneOn: field.localDate().allow(null),
  },
  finds: {
    part: partKey(),
    hours: field.figure(0, 1000),
    what: field.line(200).allow(''),
    onDate: field.localDate(),
  },
};
