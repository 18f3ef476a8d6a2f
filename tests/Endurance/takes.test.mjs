// Takes while everything that Evrent runs on is killed: each goes on by itself, and no photo is lost or doubled.
import assert from 'node:assert/strict';
import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { after, before } from 'node:test';
import { answerWhatHolds, edit, get, isLong, newShoot, newShot, post, revisionOf, startCopy, test, times, until } from './support.mjs';

const photos = 75;
let copy;
before(async () => { if (isLong) copy = await startCopy({ speed: 100 }); }, { timeout: 120_000 });
after(() => copy?.stop());

/** What the kit's page offers to choose from, by name. */
async function choice(shot, field) {
  const text = await (await get(`${shot}/run`, copy.base)).text();
  const select = new RegExp(`<select[^>]*id="${field}"[^>]*>([^]*?)</select>`).exec(text)[1];
  return /value="(\d+)"[^>]*>Simulated/.exec(select)[1];
}

const lines = async (take) => (await (await get(`${take}/log.jsonl`, copy.base)).text()).trim().split('\n').slice(1).map((line) => JSON.parse(line));

/** Says something to the take, again under the same key until it is answered, as a page does that lost its server. */
async function say(take, why) {
  const key = randomUUID();
  await until(`“${why}” is heard`, async () => (await post(`${take}/orders`, { order: 'mark', photo: '1', why, key, end: '1' }, { base: copy.base }).catch(() => null))?.status < 400, 60);
}

/** What became of each photo by the log, and what is wrong with it. */
function audit(log, card) {
  const wrong = [];
  const states = new Map();
  const objects = new Map();
  for (const { kind, photo, state, object } of log) {
    if (kind === 'outcome') {
      if (states.has(photo) && states.get(photo) !== 'not_taken') wrong.push(`photo ${photo} was triggered twice`);
      states.set(photo, state);
    } else if (kind === 'confirmed' || kind === 'not_taken') states.set(photo, kind);
    if (object) {
      if (objects.has(object)) wrong.push(`${object} is two photos`);
      objects.set(object, photo);
    }
  }
  for (let photo = 1; photo <= photos; photo++) if (states.get(photo) !== 'confirmed') wrong.push(`photo ${photo}: ${states.get(photo)}`);
  for (const file of card) if (![...objects.keys()].some((object) => object.endsWith(file))) wrong.push(`${file} is in no log`);
  return wrong;
}

test.long('whatever dies during a take comes back, and the take goes on at the right photo', { timeout: 600_000 }, async () => {
  const victims = {
    'a worker': () => { for (const n of [0, 1]) process.kill(copy.service(`takes${n}`), 'SIGKILL'); },
    'the web server and the application': () => { process.kill(copy.service('web'), 'SIGKILL'); process.kill(copy.service('application'), 'SIGKILL'); },
    'the rig': () => process.kill(copy.service('rig'), 'SIGKILL'),
    'the database': () => process.kill(copy.database(), 'SIGQUIT'),
  };
  const card = () => readdirSync(join(copy.state, 'services/main/card/DCIM'), { recursive: true }).map(String).filter((name) => name.endsWith('.JPG'));
  for (let round = 0; round < times(1, 1, 50); round++) {
    const shot = await newShot(await newShoot(`Killed ${round}`, copy.base), 'Shot through it all', copy.base);
    await edit(shot, { _method: 'put', revision: await revisionOf(shot, copy.base), 'plan[timing][photos]': String(photos) }, { base: copy.base });
    const had = await Promise.resolve().then(card).catch(() => []);
    const answer = await post(`${shot}/takes`, { rig: await choice(shot, 'take-rig'), camera: await choice(shot, 'take-camera'), delay: '0', school: 'place', reason: 'to be killed', end: '1' }, { base: copy.base });
    const take = new URL(answer.headers.get('location')).pathname;
    await answerWhatHolds(take, copy.base);
    let number = 6;
    const order = Object.entries(victims).sort(() => Math.random() - 0.5);
    for (const [what, kill] of order) {
      await until(`photo ${number}, before ${what}`, async () => (await lines(take).catch(() => [])).some(({ kind, photo }) => kind === 'intent' && photo >= number), 60);
      // One word before it dies, and one while it is dead: neither is lost, and neither is heard twice.
      await say(take, `before ${what}`);
      kill();
      await say(take, `after ${what}`);
      number += 16;
    }
    await until('it ends', async () => (await lines(take).catch(() => [])).some(({ kind }) => kind === 'ended'), 120);
    const log = await lines(take);
    assert.equal(log.find(({ kind }) => kind === 'ended').how, 'complete');
    const said = order.flatMap(([what]) => [`before ${what}`, `after ${what}`]);
    assert.deepEqual(log.filter(({ kind }) => kind === 'mark').map(({ why }) => why).sort(), said.sort());
    assert.deepEqual(audit(log, card().filter((name) => !had.includes(name))), [], order.map(([what]) => what).join(', '));
  }
});
