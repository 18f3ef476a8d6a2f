import assert from 'node:assert/strict';
import { execFileSync, spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { get, post } from '../requests.mjs';
import { isLong, root } from '../Runner/tests.mjs';

export * from '../requests.mjs';

export { isLong, root };
export { test } from '../Runner/tests.mjs';

export const isEndurance = process.env.EVRENT_ENDURANCE === 'long';

/** How many times something is tried: few in `bin/test`, more in `bin/test long`, and many, or as EVRENT_TIMES says, in `bin/endurance`. */
export const times = (few, more, many) => {
  if (isEndurance) return Math.min(many, Number(process.env.EVRENT_TIMES ?? many));
  return isLong ? more : few;
};

export const numbers = (seed) => {
  let state = seed >>> 0;
  const next = () => {
    state = (Math.imul(state ^ (state >>> 15), 0x2c1b3c6d) + 0x9e3779b9) >>> 0;
    return ((state ^ (state >>> 12)) >>> 0) / 2 ** 32;
  };
  return { next, whole: (from, to) => from + Math.floor(next() * (to - from + 1)), one: (list) => list[Math.floor(next() * list.length)] };
};

export async function until(what, isSo, seconds = 20) {
  const end = Date.now() + seconds * 1000;
  for (;;) {
    if (await isSo()) return;
    assert.ok(Date.now() < end, `${what} within ${seconds} s`);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

/** What holds the start of a take is set where it can be, and else used as it is; returns when its rig moves. */
export async function answerWhatHolds(take, base) {
  const answered = new Set();
  await until('the start is answered', async () => {
    const lines = (await (await get(`${take}/log.jsonl`, base)).text().catch(() => '')).trim().split('\n').slice(1).map((line) => JSON.parse(line));
    for (const { kind, about, set } of lines) {
      if (kind !== 'contradiction' || answered.has(about)) continue;
      answered.add(about);
      await post(`${take}/orders`, { order: set ? 'set_it' : 'as_is', about, why: 'a test', end: '1' }, { base });
    }
    return lines.some(({ kind }) => ['move', 'started', 'ended'].includes(kind));
  }, 120);
}

const isFree = (port) => new Promise((resolve) => {
  const server = createServer().on('error', () => resolve(false)).listen(port, '127.0.0.1', () => server.close(() => resolve(true)));
});

/** The first of four for a copy's services, below those that the system gives to outgoing connections. */
async function freePort() {
  for (;;) {
    const port = 20_000 + Math.floor(Math.random() * 1_000) * 4;
    if ((await Promise.all([0, 1, 2, 3].map((more) => isFree(port + more)))).every(Boolean)) return port;
  }
}

/** A whole copy of its own, started by the start command: its database, its services, its folder. @param {?number} options.port 0 for one that it chooses itself */
export async function startCopy({ state = mkdtempSync(join(tmpdir(), 'evrent-')), port = null, speed = 1, isRefused = false } = {}) {
  execFileSync('chmod', ['755', state]);
  let at = port ?? await freePort();
  const environment = { ...process.env, EVRENT_STATE: state, EVRENT_PORT: at === 0 ? '' : String(at), EVRENT_NAMES: '', EVRENT_SPEED: String(speed) };
  const command = spawn(join(root, 'bin/start'), [], { env: environment, stdio: ['ignore', 'pipe', 'pipe'] });
  let said = '';
  for (const stream of [command.stdout, command.stderr]) stream.on('data', (text) => { said += text; });
  const ended = new Promise((resolve) => command.on('exit', resolve));
  await until(`start: ${said}`, () => said.includes('Evrent is at') || command.exitCode !== null, 90);
  if (!isRefused) assert.equal(command.exitCode, null, `start: ${said}`);
  if (at === 0) at = Number(/Evrent is at {2}http:\/\/127\.0\.0\.1:(\d+)/.exec(said)[1]);
  const base = `http://127.0.0.1:${at}`;
  return {
    state, base, port: at, command, ended, said: () => said, environment,
    run: (program, ...args) => execFileSync(join(root, 'bin', program), args, { env: environment, encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] }),
    /** Process numbers of what a service's note says it runs as. */
    service: (name) => Number(readFileSync(join(state, `services/main/${name}.group`), 'utf8')),
    database: () => Number(readFileSync(join(state, 'postgres/postmaster.pid'), 'utf8').split('\n')[0]),
    /** What went wrong by the application's own log, a line each. */
    errors: () => {
      const logs = join(state, 'services/storage/logs');
      return existsSync(logs)
        ? readdirSync(logs).flatMap((log) => readFileSync(join(logs, log), 'utf8').split('\n')).filter((line) => /\.ERROR:/.test(line)).map((line) => line.slice(0, 500))
        : [];
    },
    supervisor: () => Number(readFileSync(join(state, 'services/main/supervisord.pid'), 'utf8')),
    /** Stops it, and leaves what it keeps. */
    async pause() { command.kill('SIGTERM'); await ended; },
    async stop() {
      command.kill('SIGTERM');
      await Promise.race([ended, new Promise((resolve) => setTimeout(resolve, 60_000).unref())]);
      if (existsSync(state)) rmSync(state, { recursive: true, force: true });
    },
  };
}
