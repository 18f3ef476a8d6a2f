import { appendFileSync, mkdirSync } from 'node:fs';
import { AsyncLocalStorage } from 'node:async_hooks';
import { join, relative } from 'node:path';
import { test as nodeTest } from 'node:test';
import { fileURLToPath } from 'node:url';
import { processorSeconds, secondsNow } from './processor.mjs';

export const root = fileURLToPath(new URL('../..', import.meta.url));
const timesFile = process.env.EVRENT_TEST_TIMES;

/** Whether all tests are run, with all of their cases: `bin/test long`, or hours of them: `bin/endurance`. */
export const isLong = process.env.EVRENT_TEST_LONG === '1' || process.env.EVRENT_ENDURANCE === 'long';

const running = new AsyncLocalStorage();

/** What the test that asks has opened: it is closed with it. Null outside of a test. */
export const currentTest = () => running.getStore() ?? null;

function callingFile() {
  const frame = new Error().stack.split('\n').map((line) => /file:\/\/([^:)]+\.test\.mjs)/.exec(line)?.[1]).find(Boolean);
  return frame ? relative(root, frame) : 'unknown';
}

/** A screenshot of every page that a failed test leaves open, in var/test-failures. */
async function keepPictures(name, contexts) {
  const folder = join(root, 'var/test-failures');
  mkdirSync(folder, { recursive: true });
  const pages = contexts.flatMap((context) => context.pages());
  await Promise.allSettled(pages.map((page, n) => page.screenshot({ path: join(folder, `${name.replace(/[^\w]+/g, '-').slice(0, 80)}-${n}.png`), timeout: 5_000 })));
}

/**
 * A test as node:test has it, whose browser contexts are closed at its end, and which appends how long it took, and what it waited for, to the
 * file named by EVRENT_TEST_TIMES: one JSON object a line, in seconds. What is neither processor nor page is `clock`.
 */
export function test(name, ...rest) {
  const run = rest.pop();
  const file = callingFile();
  return nodeTest(name, ...rest, (nodeContext) => running.run({ contexts: [], closers: [], pageSeconds: 0 }, async () => {
    const own = currentTest();
    const before = { wall: secondsNow(), processor: timesFile ? processorSeconds() : 0 };
    try {
      await run(nodeContext);
    } catch (error) {
      await keepPictures(name, own.contexts);
      throw error;
    } finally {
      const wall = secondsNow() - before.wall;
      const processor = timesFile ? processorSeconds() - before.processor : 0;
      await Promise.allSettled([...own.contexts.map((context) => context.close()), ...own.closers.map((close) => close())]);
      if (timesFile) {
        const page = own.pageSeconds;
        appendFileSync(timesFile, `${JSON.stringify({ file, test: name, wall, processor, database: 0, page, clock: Math.max(0, wall - processor - page) })}\n`);
      }
    }
  }));
}

/** A test that only `bin/test long` runs. */
test.long = (name, ...rest) => {
  const run = rest.pop();
  return test(name, { ...rest[0], skip: isLong ? false : 'in bin/test long' }, run);
};

/** Whether one of a row of like things has its turn in this run, by its place in the row: one in so many, or all. */
export const hasItsTurn = (place, share) => isLong || process.env.EVRENT_TEST_DRAW === 'all' || (place + Number(process.env.EVRENT_TEST_SEED ?? 0)) % share === 0;

const drawn = new Map();

/** One of a row of like tests: `bin/test` runs one in so many of a file, by its seed; `bin/test changed` and `bin/test long` run all. */
test.oneIn = (share, name, ...rest) => {
  const file = callingFile();
  // Each file begins somewhere else, so that the first of all files do not fall on one run.
  const place = drawn.get(file) ?? [...file].reduce((sum, letter) => sum + letter.codePointAt(0), 0);
  drawn.set(file, place + 1);
  return (hasItsTurn(place, share) ? test : test.long)(name, ...rest);
};

/** Counts the time for which the pages of a browser context wait for the server, in the test that opens it. */
export function countRequests(context) {
  const own = currentTest();
  if (!own) return;
  let inFlight = 0;
  let since = 0;
  const ended = () => {
    inFlight -= 1;
    if (inFlight === 0) own.pageSeconds += secondsNow() - since;
  };
  context.on('request', () => {
    if (inFlight === 0) since = secondsNow();
    inFlight += 1;
  });
  context.on('requestfinished', ended);
  context.on('requestfailed', ended);
}
