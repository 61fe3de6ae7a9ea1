// Kills of the server and of the database under a stream of writes, held against a model.
import { randomUUID } from 'node:crypto';
import { accessOf, ask, chance, noteEdit, wait } from './copy.mjs';

/** Writes one after the other until told to stop; each is sent under its key until somebody says it is saved. */
async function writer(copy, name, model, state) {
  for (let i = 0; !state.stop; i += 1) {
    const cause = `fault ${name}-${i}`;
    const key = randomUUID();
    for (let tries = 0; ; tries += 1) {
      const answer = await copy
        .post('/api/edit', noteEdit(cause), { 'x-request-key': key })
        .catch(() => null);
      if (answer?.status === 200) {
        model.add(cause);
        break;
      }
      if (answer && ![503, 502, 500].includes(answer.status))
        throw new Error(`${answer.status} ${answer.text}`);
      if (answer?.status === 500) state.ours.push(answer.text);
      if (tries > 600) throw new Error(`${cause} was never saved`);
      await wait(100);
    }
  }
}

/** @returns what was done, in words   @throws where something is lost, doubled or half written */
export async function kills(copy, { count, seed = 7 }) {
  const random = chance(seed);
  const model = new Set();
  const state = { stop: false, ours: [] };
  const access = accessOf(copy);
  const before = Number(ask(access, 'select count(*) from work_note')[0]);
  // What a writer stumbles over is told at the end, when nothing is killed any more.
  const stumbled = [];
  const writers = [0, 1, 2].map((name) =>
    writer(copy, name, model, state).catch((fault) => stumbled.push(fault)),
  );
  let [ofServer, ofDatabase] = [0, 0];
  for (let i = 0; i < count && stumbled.length === 0; i += 1) {
    await wait(50 + random() * 1500);
    const isServer = random() < 0.5;
    const pid = isServer ? copy.serverPid() : copy.databasePid();
    if (pid !== null) {
      process.kill(pid, 'SIGKILL');
      if (isServer) ofServer += 1;
      else ofDatabase += 1;
    }
    await wait(200);
    await copy.back();
  }
  state.stop = true;
  await Promise.all(writers);
  if (stumbled.length > 0) throw stumbled[0];
  const rows = ask(
    accessOf(copy),
    "select cause, count(*) from work_note where cause like 'fault %' group by cause",
  );
  const kept = new Map(rows.map((line) => line.split('\t')));
  const lost = [...model].filter((one) => !kept.has(one));
  const doubled = [...kept].filter(([, times]) => times !== '1').map(([one]) => one);
  const strange = [...kept.keys()].filter((one) => !model.has(one));
  const audited = Number(ask(accessOf(copy), "select count(*) from edit_record where deed = 'add-note'")[0]);
  const after = Number(ask(accessOf(copy), 'select count(*) from work_note')[0]);
  if (lost.length + doubled.length + strange.length > 0)
    throw new Error(
      `lost ${lost.slice(0, 3)}; doubled ${doubled.slice(0, 3)}; never answered ${strange.slice(0, 3)}`,
    );
  if (after - before !== model.size || audited < model.size)
    throw new Error(`${model.size} were answered, ${after - before} are there, ${audited} are on record`);
  if (state.ours.length > 0) throw new Error(`faults of our own: ${state.ours[0]}`);
  return `${ofServer} kills of the server, ${ofDatabase} of the database, ${model.size} writes, each there once`;
}
