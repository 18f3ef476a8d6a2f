import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { copyFileSync, existsSync, readFileSync, readdirSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { after, before } from 'node:test';
import { say } from '../Browser/words.mjs';
import { answerWhatHolds, edit, get, isEndurance, newShoot, newShot, planOf, post, revisionOf, root, startCopy, test, times, until } from './support.mjs';

let copy;
before(async () => { copy = await startCopy(); }, { timeout: 120_000 });
after(() => copy?.stop());

const isUp = async () => (await get('/up', copy.base).catch(() => null))?.status === 200;
const childrenOf = (pid) => execFileSync('pgrep', ['-P', String(pid)], { encoding: 'utf8' }).trim().split('\n').map(Number);

/** Saves one number after another, each with its key, again and again until it is answered; keeps what was acknowledged. */
function saver(shot) {
  const acknowledged = [];
  let going = true;
  let number = 0;
  const unexpected = [];
  const done = (async () => {
    let revision = await revisionOf(shot, copy.base);
    while (going) {
      number += 1;
      const interval = String(6 + number / 10);
      const key = crypto.randomUUID();
      while (going) {
        const answer = await edit(shot, { _method: 'put', key, revision, 'plan[timing][interval_s]': interval }, { base: copy.base }).catch(() => null);
        if (answer?.status === 200) {
          revision = answer.revision;
          acknowledged.push(Number(interval));
          break;
        }
        if (answer !== null && ![502, 503, 504].includes(answer.status)) unexpected.push(`${answer.status} ${/<title>.*<\/title>/.exec(answer.text)?.[0] ?? answer.text.slice(0, 200)}`);
        await new Promise((resolve) => setTimeout(resolve, 60));
      }
    }
  })();
  return { acknowledged, unexpected, stop: async () => { going = false; await done; } };
}

/** How soon saves go on. A database takes its time to recover; beside all the other tests everything takes its time. */
const slowestMilliseconds = (what) => (isEndurance ? 1 : 4) * (what.startsWith('the database') ? 10_000 : 5_000);

test('whatever dies during saves comes back, and every acknowledged save is there', { timeout: isEndurance ? 3_600_000 : 240_000 }, async (context) => {
  const shot = await newShot(await newShoot('Killed', copy.base), 'Saved through it all', copy.base);
  const saving = saver(shot);
  context.after(() => saving.stop());
  const victims = {
    'a web process': () => process.kill(childrenOf(copy.service('application'))[0], 'SIGKILL'),
    'the application': () => process.kill(copy.service('application'), 'SIGKILL'),
    'the web server': () => process.kill(copy.service('web'), 'SIGKILL'),
    'the queue': () => process.kill(copy.service('queue'), 'SIGKILL'),
    'the database, immediately': () => process.kill(copy.database(), 'SIGQUIT'),
  };
  for (let round = 0; round < times(1, 1, 30); round++) {
    for (const [what, kill] of Object.entries(victims)) {
      const before = saving.acknowledged.length;
      await until(`saves before ${what}`, () => saving.acknowledged.length > before + 2);
      kill();
      const killed = Date.now();
      await until(`${what} is back`, isUp);
      const counted = saving.acknowledged.length;
      await until(`saves after ${what}`, () => saving.acknowledged.length > counted + 1);
      assert.ok(Date.now() - killed < slowestMilliseconds(what), `${what}: ${Date.now() - killed} ms until saves go on`);
    }
  }
  await saving.stop();
  assert.deepEqual(saving.unexpected, [], copy.errors().slice(-40).join('\n'));
  assert.equal((await planOf(shot, copy.base)).timing.interval_s, saving.acknowledged.at(-1));
  const history = await (await get(`${shot}/history`, copy.base)).text();
  // Each once: the newest two hundred are listed, and none of them twice.
  for (const interval of saving.acknowledged.slice(-150)) {
    const found = history.match(new RegExp(`interval [\\d.]+ → ${String(interval).replace('.', '\\.')} s`, 'g')) ?? [];
    assert.ok(found.length >= 1, `${interval} s is in the history`);
  }
});

test.long('a clip whose maker is killed is begun again from nothing, and is whole', { timeout: 180_000 }, async () => {
  const shot = await newShot(await newShoot('A clip that is killed', copy.base), 'Made through it all', copy.base);
  const card = join(copy.state, 'services/main/card/DCIM/101CLIPS');
  execFileSync('mkdir', ['-p', card]);
  const photos = 228;
  for (let n = 1; n <= photos; n += 1) {
    const file = join(card, `EVR_${String(n).padStart(4, '0')}.JPG`);
    copyFileSync(join(root, 'tests/Browser/photo.jpg'), file);
    utimesSync(file, 1_800_000_000 + 8 * n, 1_800_000_000 + 8 * n);
  }
  execFileSync('chmod', ['-R', 'a+rX', join(copy.state, 'services/main/card')]);
  assert.equal((await post(`${shot}/photos`, { folder: card }, { base: copy.base })).status, 302);
  await until('the photos are read', async () => (await (await get(`${shot}/photos`, copy.base)).text()).includes('data-contact-sheet'), 60);
  // Large, so that there is time to kill it.
  assert.equal((await post(`${shot}/clip`, { _method: 'put', size: '2160p', 'was[size]': '1080p' }, { base: copy.base, headers: { 'HX-Request': 'true' } })).status, 200);
  assert.equal((await post(`${shot}/films`, { anyway: 'yes' }, { base: copy.base })).status, 302);
  const page = async () => (await get(`${shot}/clip`, copy.base)).text();
  const film = /\/films\/(\d+)/.exec(await page())[1];
  const now = async () => (await get(`${shot}/films/${film}`, copy.base)).text();
  await until('it is being made', async () => /<progress [^>]*value="[1-9]/.test(await now()), 40);
  process.kill(copy.service('long'), 'SIGKILL');
  await until('it is begun again', async () => (await now()).includes(say('clip.film.resumed')), 60);
  assert.equal((await post(`${shot}/films/${film}/stop`, {}, { base: copy.base })).status, 302);
  const folder = join(copy.state, 'services/storage/app/films');
  await until('nothing of it is left', () => readdirSync(folder).filter((name) => name.startsWith('.making')).length === 0, 30);
  // A small one after it goes through as if nothing had been.
  assert.equal((await post(`${shot}/clip`, { _method: 'put', size: '720p', 'was[size]': '2160p', out: '24', 'was[out]': '' }, { base: copy.base, headers: { 'HX-Request': 'true' } })).status, 200);
  assert.equal((await post(`${shot}/films`, { anyway: 'yes' }, { base: copy.base })).status, 302);
  await until('it is whole', async () => /24 frames at 24/.test(await page()), 90);
});

test('while the database is away pages say so and ask again, and it is well by itself', { timeout: 120_000 }, async () => {
  const pid = copy.database();
  process.kill(pid, 'SIGSTOP');
  process.kill(pid, 'SIGKILL');
  await until('it is told', async () => [503].includes((await get('/up', copy.base)).status) || await isUp());
  const response = await get('/', copy.base);
  assert.ok([200, 503].includes(response.status), `${response.status}`);
  if (response.status === 503) assert.match(await response.text(), /http-equiv="refresh"/);
  await until('it is well again', isUp);
});

test.long('a start command that is killed is cleaned up by the next, and two starts do each other no harm', { timeout: 180_000 }, async () => {
  const second = await startCopy({ state: copy.state, port: copy.port + 1, isRefused: true });
  assert.ok(second.said().includes(say('launch.running')), second.said());
  assert.ok(await isUp());
  copy.command.kill('SIGKILL');
  await copy.ended;
  assert.ok(await isUp(), 'what it started runs on');
  const again = await startCopy({ state: copy.state, port: copy.port });
  assert.ok(again.said().includes(say('launch.left_over')), again.said());
  assert.match(again.said(), /Evrent is at/);
  copy = again;
  assert.ok(await isUp());
});

test.long('two copies that are started in the same moment take different ports, and each has a rig of its own', { timeout: 180_000 }, async () => {
  const two = await Promise.all([0, 1].map(() => startCopy({ port: 0 })));
  try {
    const ports = two.map(({ state }) => readFileSync(join(state, 'services/main/supervisord.conf'), 'utf8').match(/(?:port=|-p |trigger=127\.0\.0\.1:)\d+/g).map((text) => text.replace(/\D*127\.0\.0\.1:|\D*/, '')));
    assert.deepEqual(ports[0].filter((port) => ports[1].includes(port)), []);
    for (const { base } of two) assert.equal((await get('/up', base)).status, 200);
  } finally {
    await Promise.all(two.map((one) => one.stop()));
  }
});

test.long('a backup holds every table, a damaged one is refused, and it is put back whole', { timeout: 240_000 }, async () => {
  const shoot = await newShoot('To be kept', copy.base);
  const shot = await newShot(shoot, 'Kept', copy.base);
  const file = join(copy.state, 'kept.backup');
  // One that waits an hour for its first photo, so that it is under way whenever that is.
  const run = await (await get(`${shot}/run`, copy.base)).text();
  const choice = (field) => /value="(\d+)"[^>]*>Simulated/.exec(new RegExp(`<select[^>]*id="${field}"[^>]*>([^]*?)</select>`).exec(run)[1])[1];
  const started = await post(`${shot}/takes`, { rig: choice('take-rig'), camera: choice('take-camera'), delay: '1 h', school: 'place', reason: 'to be interrupted', end: '1' }, { base: copy.base });
  const take = new URL(started.headers.get('location')).pathname;
  await answerWhatHolds(take, copy.base);
  await until('it waits at A', async () => (await (await get(`${take}/now`, copy.base)).text()).includes('data-status="waiting"'), 60);
  copy.run('backup', file);
  await edit(shot, { _method: 'put', revision: await revisionOf(shot, copy.base), 'plan[timing][interval_s]': '11' }, { base: copy.base });
  const damaged = readFileSync(file);
  damaged[Math.floor(damaged.length / 2)] ^= 255;
  writeFileSync(`${file}.damaged`, damaged);
  assert.throws(() => copy.run('restore', file), /Evrent is running/);
  copy.run('stop');
  await copy.ended;
  assert.throws(() => copy.run('restore', `${file}.damaged`), /damaged|torn/);
  copy.run('restore', file);
  assert.ok(!existsSync(join(copy.state, 'address')));
  copy = await startCopy({ state: copy.state, port: copy.port });
  assert.equal((await planOf(shot, copy.base)).timing.interval_s, 6, 'as it was when it was backed up');
  // Nothing moves before somebody has looked at where the rig stands.
  const lines = async () => (await (await get(`${take}/log.jsonl`, copy.base)).text()).split('\n').length;
  const kept = await lines();
  const page = await (await get(take, copy.base)).text();
  assert.ok(page.includes(say('takes.interrupted.says')), page);
  const asked = await post(`${take}/resume`, { act: 'ask', end: '1' }, { base: copy.base });
  assert.equal(asked.status, 302);
  assert.equal(await lines(), kept);
  await post(`${take}/resume`, { act: 'go_on', end: '1' }, { base: copy.base });
  await until('it goes on', async () => (await lines()) > kept, 30);
  await post(`${take}/orders`, { order: 'abort', end: '1' }, { base: copy.base });
  await until('it ends', async () => (await (await get(`${take}/log.jsonl`, copy.base)).text()).includes('"how":"aborted"'), 30);
});
