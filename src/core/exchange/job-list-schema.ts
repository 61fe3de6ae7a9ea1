import Joi from 'joi';
import {
  fittingChoices,
  fittingNeeds,
  fittingStates,
  gateKinds,
  holeActions,
  harms,
  openingMethods,
  tiedPhases,
  trades,
  type JobListName,
} from '../record';
import * as field from './fields';
import { partKey } from './survey-schema';

const minutes = () => field.figure(0, 10_000);

/** Joi fields of the strip-down lists by name, without the id; shared by edits and the job bundle. */
export const jobListFields: Record<JobListName, Record<string, Joi.Schema>> = {
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
    fasteners: field.line(120).allow(''),
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
  milestones: {
    trade: field.oneOf(trades),
    what: field.line(80).allow(''),
    tie: field.oneOf(['before', 'after']),
    phase: field.oneOf(tiedPhases),
    onDate: field.localDate().allow(null),
    accessLost: field.line(200).allow(''),
    done: field.flag(),
    toldDate: field.localDate().allow(null),
  },
  openings: {
    part: partKey(),
    what: field.line(80).allow(''),
    lengthM: field.figure(0, 100),
    method: field.oneOf(openingMethods),
    barrier: field.line(120).allow(''),
    exit: field.line(120).allow(''),
  },
  covers: {
    what: field.line(80).min(1),
    harm: field.oneOf(harms),
    cover: field.line(120).allow(''),
  },
  blends: {
    part: partKey(),
    line: field.line(120).allow(''),
    material: field.line(120).allow(''),
    widthMm: field.figure(0, 2000),
    timing: field.oneOf(['colour', 'clear']),
  },
  sendOuts: {
    what: field.line(80).min(1),
    part: partKey(),
    vendor: field.line(80).allow(''),
    leadDays: field.whole(0, 1000),
    sentOn: field.localDate().allow(null),
    dueOn: field.localDate().allow(null),
    returnedOn: field.localDate().allow(null),
    condition: field.line(200).allow(''),
    phase: field.oneOf(tiedPhases),
  },
};
