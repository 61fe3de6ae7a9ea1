import { database } from '../database/client';
import { loadSignatures } from '../repositories/handover-repository';
import { loadJob } from '../repositories/job-repository';
import { loadOffers } from '../repositories/offer-repository';
import { eraseOwner, ownerNames } from '../repositories/owner-data-repository';
import { loadOwnerLinks, loadOwnerWords } from '../repositories/owner-repository';
import { write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

/** Everything that is kept of the owner of a job, as JSON to hand over; null where there is no such job. */
export async function ownerDataOf(number: string): Promise<string | null> {
  const connection = database();
  const stored = await loadJob(connection, number);
  if (!stored) return null;
  const { job } = stored;
  const [names, words, links, offers, signatures] = await Promise.all([
    ownerNames(connection, number),
    loadOwnerWords(connection, number),
    loadOwnerLinks(connection, number),
    loadOffers(connection, number),
    loadSignatures(connection, number),
  ]);
  const data = {
    format: 'coatrel-owner-data',
    version: 1,
    job: { number, name: job.name, owner: job.owner, arrival: job.arrival, promised: job.promised },
    names,
    said: words,
    links: links.map(({ forWhom, madeOn, until, revokedOn, uses }) => ({
      forWhom,
      madeOn,
      until,
      revokedOn,
      uses,
    })),
    quotes: offers.map(({ offer, answer, answeredBy, answeredWhere, answeredOn }) => ({
      number: offer.number,
      madeOn: offer.madeOn,
      answer,
      answeredBy,
      answeredWhere,
      answeredOn,
    })),
    signatures: signatures
      .filter((one) => one.side === 'owner')
      .map(({ by, where, on }) => ({ by, where, on })),
    decisions: job.decisions.map(({ what, answer, answeredBy, answeredOn, said }) => ({
      what,
      answer,
      answeredBy,
      answeredOn,
      said,
    })),
    samples: job.samples.map(({ shown, verdict, by, onDate, note }) => ({
      shown,
      verdict,
      by,
      onDate,
      note,
    })),
  };
  return `${JSON.stringify(data, null, 2)}\n`;
}

/**
 * Erases the owner of a job: from the job, from what was said, and from the record of changes. Backups made before hold the
 * names until they are over by the rule of keeping. It cannot be taken back.
 */
export const eraseOwnerOf = (number: string, writer: Writer): Promise<EditOutcome> =>
  write(writer, 'owner-data', 'shop', async (connection): Promise<Prepared> => {
    if (!(await loadJob(connection, number)))
      return { status: 'faulty', faults: [{ place: 'job', reason: `there is no job ${number}` }] };
    const names = await ownerNames(connection, number);
    return {
      status: 'ok',
      room: 'shop',
      kind: 'edit',
      label: `the owner of ${number} erased`,
      changes: [],
      undoable: false,
      also: (one) => eraseOwner(one, number, names),
    };
  });
