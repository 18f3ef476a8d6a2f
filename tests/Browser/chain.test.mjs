// The chain: what is planned is what is shot, what is shot is what is read back, what is read back is what is cut. Six jobs from an empty shoot, taken one
// after the other onto one card, on devices that know nothing of any plan. A run that is not the long one takes two of them.
import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { newShootAtSaltreach } from '../requests.mjs';
import { begin, choose, given, press, startField, typed } from './planning.mjs';
import { assertAllTaken, browser, go, hasItsTurn, isLong, planOf, startRun, test, url } from './support.mjs';
import { say } from './words.mjs';

const view = browser();
// The dial's marks are a third of a stop apart: the nearest is a sixth away at the most.
const mostStops = 0.2;

/** How many photos: few for every day, as many as people take in the long run. */
const photos = (few, many) => (isLong ? many : few);

const jobs = {
  'A rail into the dusk, with a ramp': {
    rig: 'slide only',
    async plan(page) {
      await typed(page, { [say('shots.sentence.head_label')]: '0', [say('shots.sentence.tail_label')]: '0', [say('shots.sentence.move_label')]: String(photos(36, 240)), 'Interval in seconds': '8', 'Exposure in seconds': '0.5', [startField]: '15 min after sunset' });
      await press(page, page.locator('#light-in'));
      await typed(page, { 'Aperture, f/': '5.6', [say('shots.light.longest')]: '5' });
      await page.getByText(say('shots.view_light.methods')).click();
      await press(page, page.locator('#by-stepless'));
    },
    assert(plan) { assert.ok(Array.isArray(plan.timing.exposure_s), 'it is a ramp'); },
  },
  'Stars over the tripod': {
    rig: 'none: camera on a tripod',
    async plan(page) { await typed(page, { [say('shots.sentence.photos_total')]: String(photos(24, 250)), 'Exposure in seconds': '20', 'Interval in seconds': '25' }); },
  },
  'A full turn at the pump house': {
    rig: 'endless turntable',
    async plan(page) {
      await typed(page, { [say('shots.sentence.head_label')]: '0', [say('shots.sentence.tail_label')]: '0', [say('shots.sentence.move_label')]: String(photos(40, 360)), 'Interval in seconds': '6' });
      await given(page, '#turn-axis', { way: '1 turn' }, say('shots.keyframes.total_set'));
    },
  },
  'Lanterns on the causeway, on bulb': {
    rig: 'slide only',
    async plan(page) {
      await typed(page, { [say('shots.sentence.head_label')]: '0', [say('shots.sentence.tail_label')]: '0', [say('shots.sentence.move_label')]: String(photos(24, 150)), 'Interval in seconds': '20', 'Exposure in seconds': '15' });
      await choose(page, say('shots.kit.timed_by'), say('shots.kit.by_controller'));
      await choose(page, say('shots.kit.dial'), 'bulb');
    },
  },
  'The salt heap grows': {
    rig: 'slide only',
    async plan(page) {
      await choose(page, 'Movement', say('shots.sentence.stop_motion'));
      await typed(page, { [say('shots.sentence.head_label')]: '0', [say('shots.sentence.tail_label')]: '0', 'Slide at A': '0', 'Slide at B': String(2 * (photos(24, 120) - 1)), 'Slide step per photo': '2' });
    },
    async start(page) { await page.locator('#take-rest').fill('2 s'); },
  },
  // The camera waits for nobody: a place that is an interval late is left out, which takes this machine two seconds here.
  // Nobody sets its shutter from here: it stands as the job before has left it, which exposes as long.
  'Two clocks at the sluice': {
    rig: 'slide only',
    speed: '10',
    async plan(page) {
      await typed(page, { [say('shots.sentence.head_label')]: '0', [say('shots.sentence.tail_label')]: '0', [say('shots.sentence.move_label')]: String(photos(12, 60)), 'Interval in seconds': '20' });
      await choose(page, say('shots.kit.fired_by'), say('shots.kit.by_camera'));
      await typed(page, { [say('shots.kit.drift')]: '20' });
    },
  },
};

const drawn = (...files) => JSON.parse(execFileSync('php', [join(import.meta.dirname, 'drawn-numbers.php'), ...files], { maxBuffer: 1 << 24 }));

async function text(page, path) {
  const answer = await page.request.get(path.startsWith('http') ? path : url + path);
  assert.equal(answer.status(), 200, path);
  return answer.text();
}

/** Which file is which photo, by the take's own log; and what went wrong in it. */
function readLog(log) {
  const lines = log.trim().split('\n').map((line) => JSON.parse(line));
  const files = new Map();
  for (const line of lines) if (line.object && line.photo && ['outcome', 'confirmed'].includes(line.kind)) files.set(line.photo, line.object);
  // A machine that is busy makes a fast world late, and says so.
  const alarms = lines.filter(({ kind, about }) => kind === 'alarm' && !['late', 'machine'].includes(about)).map(({ says }) => says);
  return { files, alarms };
}

test('six jobs, one card: each is exposed as planned, read back as shot, and cut from its own photos', async () => {
  const shoot = await newShootAtSaltreach('The chain');
  const page = await view.open(`/shoots/${shoot}`);
  const folder = mkdtempSync(join(tmpdir(), 'evrent-chain-'));
  try {
    for (const [title, job] of Object.entries(jobs).filter((_, n) => hasItsTurn(n, 3))) {
      await page.goto(`${url}/shoots/${shoot}`);
      await begin(page, title, job.rig);
      await job.plan(page);
      const plan = await planOf(page);
      job.assert?.(plan);
      const shot = /^.*\/shots\/\d+/.exec(page.url())[0];
      const rows = (await text(page, `${shot}/schedule.csv`)).trim().split('\n').map((line) => line.split(','));
      const exposures = rows.slice(1).map((row) => Number(row[rows[0].indexOf('exposure_s')]));

      await go(page, 'run');
      await page.locator('#take-speed').selectOption(job.speed ?? '200');
      await job.start?.(page);
      await startRun(page);
      await page.getByText(/Complete\.|Incomplete|Failed|Aborted/).first().waitFor({ timeout: 60_000 + 2_000 * exposures.length });
      const take = page.url();
      const { files, alarms } = readLog(await text(page, `${take}/log.jsonl`));
      assert.deepEqual(alarms, [], title);
      assert.match(await page.locator('.verdict').textContent(), /Complete\./, title);
      await assertAllTaken(page, exposures.length);
      assert.deepEqual([...files.keys()].sort((a, b) => a - b), exposures.map((_, n) => n + 1), title);

      await page.goto(`${shot}/photos`);
      const card = await page.locator('#card-folders option').first().getAttribute('value');
      const paths = [...files.entries()].sort(([a], [b]) => a - b).map(([, file]) => join(card, file.replace(/^\/store_[0-9a-f]+/, '')));
      const exif = JSON.parse(execFileSync('exiftool', ['-j', '-n', '-ExposureTime', ...paths], { maxBuffer: 1 << 24 }));
      exif.forEach(({ ExposureTime: exposed }, n) => assert.ok(Math.abs(Math.log2(exposed / exposures[n])) < mostStops, `${title}, photo ${n + 1}: ${exposed} s, and ${exposures[n]} s was planned`));

      // The take is chosen already: it is the only one of this shot.
      await page.getByLabel('Folder on this machine').fill(card);
      await page.getByRole('button', { name: say('photos.index.read') }).click();
      await page.locator('.contact').first().waitFor({ timeout: 60_000 });
      const match = JSON.parse(await text(page, await page.getByRole('link', { name: 'evrent.match/1' }).getAttribute('href')));
      const matched = Object.entries(match.photos).sort(([a], [b]) => a - b).map(([, file]) => join(card, file));
      assert.deepEqual(matched, paths, title);

      await page.goto(`${shot}/clip`);
      await page.getByRole('button', { name: say('clip.show.render') }).click();
      await page.locator('.film[data-status=done]').waitFor({ timeout: 60_000 + 2_000 * exposures.length });
      const film = join(folder, 'film.mp4');
      writeFileSync(film, await (await page.request.get(await page.locator('.film a[download]').getAttribute('href'))).body());
      const numbers = drawn(...paths, film);
      assert.deepEqual(numbers.frames, numbers.photos, title);
      assert.ok(numbers.photos.every((number, n) => number === numbers.photos[0] + n), `${title}: ${numbers.photos}`);
    }
  } finally {
    rmSync(folder, { recursive: true });
  }
});
