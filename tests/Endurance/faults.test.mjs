// Takes with a fault in each, drawn at random: whatever dies, is cut, is full or is empty, no photo is taken twice, nobody moves what another
// drives, no line is lost, and what the take says of itself is so. docs/running.md says what is promised.
import assert from 'node:assert/strict';
import { execFileSync, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before } from 'node:test';
import { Devices } from './devices.mjs';
import { answerWhatHolds, edit, get, isEndurance, isLong, newShoot, newShot, numbers, post, revisionOf, startCopy, test, times, until, url } from './support.mjs';

const photos = 60;
// In bin/test a single take, over lines that are cut, on the server that all tests have: its world is faster.
const speed = isLong || isEndurance ? 20 : 200;
const seed = Number(process.env.EVRENT_TEST_SEED ?? Date.now() % 1_000_000);
const chance = numbers(seed);
const rest = (seconds) => new Promise((resolve) => { setTimeout(resolve, seconds * 1000); });
let copy = { base: url };
let state = null;
let isOnItsOwnDisk = false;

before(async () => {
  if (!isLong && !isEndurance) return;
  state = mkdtempSync(join(tmpdir(), 'evrent-faults-'));
  try {
    // A disk of its own, that can be filled.
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=900m,mode=755', 'tmpfs', state], { stdio: 'ignore' });
    isOnItsOwnDisk = true;
  } catch { /* Not on this machine: that fault is left out, and the table says so. */ }
  copy = await startCopy({ state, speed });
}, { timeout: 180_000 });
after(async () => {
  if (state === null) return;
  await copy?.stop().catch(() => {});
  if (isOnItsOwnDisk) execFileSync('umount', ['-l', state], { stdio: 'ignore' });
  rmSync(state, { recursive: true, force: true });
});

/** Of the copy's own database, or that of the server that all tests have. */
const database = () => (state === null
  ? { port: process.env.DB_PORT, name: 'evrent_browser', password: process.env.PGPASSWORD }
  : { port: readFileSync(join(state, 'postgres/postmaster.pid'), 'utf8').split('\n')[3], name: 'evrent', password: readFileSync(join(state, 'postgres-password'), 'utf8').trim() });
const sql = (text) => {
  const { port, name, password } = database();
  return execFileSync('psql', ['-X', '-q', '-At', '-h', '127.0.0.1', '-p', port, '-U', 'evrent', '-d', name, '-c', text], {
    encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'], env: { ...process.env, PGPASSWORD: password },
  });
};

const signal = (pid, name) => { try { process.kill(pid, name); } catch { /* It is gone already. */ } };
const worker = () => copy.service(`takes${chance.whole(0, 1)}`);

/** What is done to a take under way, by name. */
const faults = {
  nothing: async () => {},
  'a worker is killed': async () => { for (const n of [0, 1]) signal(copy.service(`takes${n}`), 'SIGKILL'); },
  'a worker stands still': async () => { const pid = worker(); signal(pid, 'SIGSTOP'); await rest(chance.whole(1, 6)); signal(pid, 'SIGCONT'); },
  'the web server is killed': async () => { signal(copy.service('web'), 'SIGKILL'); signal(copy.service('application'), 'SIGKILL'); },
  'the queue is killed': async () => { signal(copy.service('queue'), 'SIGKILL'); },
  'the database is killed': async () => { signal(copy.database(), chance.one(['SIGQUIT', 'SIGKILL'])); },
  'the rig is killed': (devices) => devices.kill('rig'),
  'the camera is killed': (devices) => devices.kill('camera'),
  'the line to the rig is cut': async (devices) => { devices.rigLine.cut(chance.one([0, 500, 4_000])); },
  'the line to the camera is cut': async (devices) => { devices.cameraLine.cut(chance.one([0, 500, 4_000])); },
  'the trigger line is cut': async (devices) => { devices.triggerLine.cut(chance.one([0, 300])); },
  'the lines to the database are cut': async () => {
    for (let n = chance.whole(1, 4); n > 0; n--) {
      sql('select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()');
      await rest(0.3);
    }
  },
  'all is started anew': async () => { await copy.pause(); copy = await startCopy({ state, port: copy.port, speed }); },
  'the disk is full': async () => {
    // Until it is. The lines run in this process: it must not stand still meanwhile.
    await new Promise((resolve) => { spawn('dd', ['if=/dev/zero', `of=${state}/ballast`, 'bs=1M'], { stdio: 'ignore' }).on('exit', resolve); });
    await rest(chance.whole(1, 5));
    rmSync(`${state}/ballast`, { force: true });
  },
  'the card is full': async (devices, take) => {
    await until('the take is paused', async () => (await log(take).catch(() => [])).some(({ kind, order, by }) => kind === 'command' && order === 'pause' && by === 'evrent'), 120);
    devices.swapCard();
  },
};

const log = async (take) => (await (await get(`${take}/log.jsonl`, copy.base)).text()).trim().split('\n').slice(1).map((line) => JSON.parse(line));

const form = async (path, values, base = copy.base) => {
  let answer;
  await until(`${path} is answered`, async () => (answer = await post(path, { ...values, end: '1' }, { base }).catch(() => null))?.status < 400, 90);
  return answer;
};

/** A rig and a body in the kit that are reached over the lines of these devices. */
async function kit(devices) {
  const axes = { slide_min: '0', slide_max: '900', slide_max_speed: '40', slide_max_acceleration: '90', slide_steps_per_unit: '80', pan_min: '-180', pan_max: '180', pan_max_speed: '12',
    pan_max_acceleration: '30', pan_steps_per_unit: '355.5', tilt_min: '-45', tilt_max: '60', tilt_max_speed: '10', tilt_max_acceleration: '30', tilt_steps_per_unit: '355.5' };
  const body = { sensor_width_mm: '36', sensor_height_mm: '24', image_width_px: '6000', image_height_px: '4000' };
  // Ports are given out again.
  const name = `Line ${randomUUID()}`;
  await form('/kit', { kind: 'rig', name, count: '1', note: '', address: `127.0.0.1:${devices.rigLine.port}`, ...axes });
  await form('/kit', { kind: 'body', name, count: '1', note: '', address: `ptp:127.0.0.1:${devices.cameraLine.port}`, ...body });
  const id = (kind) => sql(`select id from kit_items where name = '${name}' and kind = '${kind}' order by id desc limit 1`).trim();
  return { rig: id('rig'), camera: id('body') };
}

/** What there is to be known of a take that does not go on. */
function standing(take) {
  const tail = (file) => { try { return readFileSync(join(state, file), 'utf8').split('\n').slice(-12).join('\n'); } catch (failure) { return String(failure); } };
  const ask = (text) => { try { return sql(text); } catch (failure) { return String(failure); } };
  const shell = (command) => { try { return execFileSync('sh', ['-c', command], { encoding: 'utf8' }); } catch (failure) { return String(failure); } };
  return [
    ask(`select id, status, token, driven_from, beat_at, now() as now, waits_for from takes where id >= ${take.split('/').pop()} - 2`),
    ask("select pid, state, wait_event_type, wait_event, now() - query_start, left(query, 120) from pg_stat_activity where datname = current_database()"),
    tail('services/main/takes.log'), tail('services/main/supervisord.log'), tail(`services/storage/logs/${'laravel.log'}`),
    shell(`ps -eo pid,stat,etime,args | grep ${state} | grep -v grep | cut -c1-150`), shell(`for n in 0 1; do p=$(cat ${state}/services/main/takes$n.group); cat /proc/$p/wchan /proc/$p/stat; ls -l /proc/$p/fd; done`),
  ].join('\n---\n');
}

/** What is wrong with a take, by its log, its card and its rig. */
function wrong(lines, devices, take) {
  const found = { twice: [], hands: [], lost: [], states: [] };
  const states = new Map();
  const objects = new Map();
  let token = 0;
  for (const line of lines) {
    if (line.kind === 'outcome') states.set(line.photo, line.state === 'confirmed' ? 'confirmed' : line.state);
    else if (line.kind === 'confirmed' || line.kind === 'not_taken') states.set(line.photo, line.kind);
    if (line.token < token) found.hands.push(`a line under token ${line.token} after ${token}`);
    token = Math.max(token, line.token ?? 0);
    if (line.extra) found.twice.push(`${line.extra} is none of the photos`);
    if (line.object && objects.has(line.object) && objects.get(line.object) !== line.photo) found.twice.push(`${line.object} is two photos`);
    if (line.object) objects.set(line.object, line.photo);
  }
  const byPhoto = new Map();
  for (const [object, photo] of objects) byPhoto.set(photo, [...(byPhoto.get(photo) ?? []), object]);
  for (const [photo, all] of byPhoto) if (all.length > 1) found.twice.push(`photo ${photo} was taken ${all.length} times`);
  const named = [...objects.keys()].map((object) => object.split('/').pop());
  for (const file of devices.photos()) if (!named.includes(file)) found.twice.push(`${file} is in no log`);
  const hands = devices.twoHands();
  if (hands > 0) found.hands.push(`${hands} moves over a line that another had taken over`);
  const [count, most] = sql(`select count(*), max(number) from take_lines where take_id = ${take.split('/').pop()}`).trim().split('|');
  if (count !== most || Number(count) !== lines.length) found.lost.push(`${count} lines to number ${most}, ${lines.length} shown`);
  const ended = lines.filter(({ kind }) => kind === 'ended');
  const isWhole = Array.from({ length: photos }, (_, n) => states.get(n + 1)).every((is) => is === 'confirmed');
  if (ended.length !== 1) found.states.push(`it ended ${ended.length} times`);
  else if (ended[0].how !== (isWhole ? 'complete' : 'incomplete')) found.states.push(`${ended[0].how}, and it is ${isWhole ? '' : 'not '}whole`);
  if (lines.indexOf(ended[0]) !== lines.length - 1) found.states.push('it went on after its end');
  return { found, missing: photos - [...states.values()].filter((is) => is === 'confirmed').length };
}

const table = new Map();

/** Shoots once, with one fault at one photo. @returns what is wrong with it, how many photos are missing, and how far behind the plan it was */
async function oneTake(shoot, title, name, at) {
  const devices = new Devices(speed);
  if (name === 'the card is full') devices.faults = [{ kind: 'card_full', frame: chance.whole(5, 50) }];
  try {
    await devices.start();
    const chosen = await kit(devices);
    const shot = await newShot(shoot, title, copy.base);
    const plan = { photos: String(photos - 48), head_photos: '24', tail_photos: '24', interval_s: '6' };
    const values = Object.fromEntries(Object.entries(plan).map(([field, value]) => [`plan[timing][${field}]`, value]));
    await edit(shot, { _method: 'put', revision: await revisionOf(shot, copy.base), ...values }, { base: copy.base });
    const answer = await form(`${shot}/takes`, { ...chosen, delay: '0', school: 'place', reason: 'to see what becomes of it' });
    const take = new URL(answer.headers.get('location')).pathname;
    assert.match(take, /takes\/\d+$/, 'it is started');
    await answerWhatHolds(take, copy.base);
    let lines = [];
    const read = async () => { lines = await log(take).catch(() => lines); return lines; };
    const whatIsThere = (failure) => { console.log(title, standing(take)); throw failure; };
    await until(`photo ${at}`, async () => (await read()).some(({ kind, photo }) => kind === 'intent' && photo >= at), 180).catch(whatIsThere);
    // Somewhere within the interval, and not just after the trigger.
    await rest(chance.next() * 0.4);
    await faults[name](devices, take);
    await until('it ends', async () => (await read()).some(({ kind }) => kind === 'ended'), 240).catch(whatIsThere);
    const latest = Math.max(0, ...lines.filter(({ kind }) => kind === 'outcome').map(({ late_s: late }) => late ?? 0));
    return { ...wrong(lines, devices, take), latest };
  } finally {
    devices.stop();
  }
}

test(`${photos} photos come out once each, whatever happens`, { timeout: 4 * 3_600_000 }, async () => {
  const shoot = await newShoot('Through it all', copy.base);
  const ofDevices = /rig|camera|trigger|card|nothing/;
  const names = Object.keys(faults).filter((name) => (state === null ? ofDevices.test(name) : isOnItsOwnDisk || name !== 'the disk is full'));
  const only = process.env.EVRENT_FAULT;
  const bad = [];
  let deck = [];
  for (let round = 0, rounds = times(1, 15, 300); round < rounds; round++) {
    // Each comes as often as the others, in an order of its own.
    if (deck.length === 0) deck = only ? [only] : names.map((name) => [chance.next(), name]).sort().map(([, name]) => name);
    const name = deck.pop();
    const at = name === 'the card is full' ? 1 : chance.whole(1, photos - 4);
    const { found, missing, latest } = await oneTake(shoot, `${round}: ${name}`, name, at).catch((failure) => ({ found: { twice: [], hands: [], lost: [], states: [String(failure)] }, missing: 0, latest: 0 }));
    const row = table.get(name) ?? { takes: 0, twice: 0, hands: 0, lost: 0, states: 0, missing: 0, 'most behind, s': 0 };
    table.set(name, {
      takes: row.takes + 1, twice: row.twice + found.twice.length, hands: row.hands + found.hands.length, lost: row.lost + found.lost.length,
      states: row.states + found.states.length, missing: row.missing + missing, 'most behind, s': Math.max(row['most behind, s'], Math.round(latest)),
    });
    const all = Object.values(found).flat();
    if (all.length > 0) {
      bad.push(`${round}, ${name} at photo ${at}: ${all.slice(0, 4).join('; ')}`);
      console.log(bad.at(-1));
    }
  }
  if (table.size > 1) console.log(`seed ${seed}\n${[...table].map(([name, row]) => `${name.padEnd(36)} ${Object.entries(row).map(([what, count]) => `${what} ${count}`).join(', ')}`).join('\n')}`);
  assert.deepEqual(bad, []);
});
