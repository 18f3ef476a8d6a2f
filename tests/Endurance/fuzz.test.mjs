import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { get, isEndurance, newShoot, newShot, numbers, post, revisionOf, root, test, times, url } from './support.mjs';

/** Alone on the machine nothing takes longer; beside all the other tests this only tells what would never end. */
const slowestMilliseconds = isEndurance ? 3_000 : 20_000;

/** Where each number of a plan ends, by the last of its pointer: plans at these edges are legal, each by itself. */
const edges = {
  frames_per_second: [1e-6, 1000], photos: [20, 700], head_photos: [0, 300], tail_photos: [0, 300], interval_s: [1e-6, 0.1, 86_400], exposure_s: [1e-6, 1e-4, 86_400],
  start_delay_s: [0, 2_678_400], post_exposure_delay_s: [0, 3600], settle_s: [0, 3600], shutter_lag_s: [0, 3600], write_s: [0, 3600], buffer_frames: [1, 10_000],
  max_speed: [1e-6, 1_000_000], max_acceleration: [1e-6, 1_000_000], steps_per_unit: [1e-6, 1_000_000], backlash: [0, 1_000_000],
  ramp_in: [0, 0.5], ramp_out: [0, 0.5], sensor_width_mm: [1e-6, 10_000], focal_mm: [1e-6, 10_000], image_width_px: [1, 100_000], output_width_px: [1, 100_000],
  subject_speed_m_s: [0, 10_000], off_level_deg: [0, 45], toward_deg: [-360, 360], zero_bearing_deg: [-360, 360], latitude_deg: [-90, 90], longitude_deg: [-180, 180],
  elevation_m: [-500, 9000], sky_glow_lux: [0, 100], aperture: [0.5, 128], iso: [1, 10_000_000], nd_stops: [0, 30], longest_s: [1e-6, 86_400], shortest_s: [1e-6],
  raw_mb: [0, 2000], jpeg_mb: [0, 2000], battery_wh: [1e-6, 100_000], charge: [0, 1], temperature_c: [-60, 60], capacity_wh: [1e-6, 100_000], idle_w: [0, 1000], photo_j: [0, 100_000],
  legs_rating_kg: [1e-6, 1000], incline_deg: [0, 90], friction: [0, 2], thrust_n: [1e-6, 100_000], camera_kg: [0, 1000], drift_ppm: [-1000, 1000], count_limit: [1, 1_000_000],
  slide: [-1_000_000, 1_000_000], pan: [-1_000_000, 0, 1_000_000], tilt: [-1_000_000, 90, 1_000_000], hold_photos: [0, 200], crossing_s: [0, 10_000], blur_share: [0, 1], clip_s: [0, 10_000],
  sky_mag: [14, 22.2], lamps_lux: [0, 100_000], bias_stops: [-6, 6], widest_aperture: [0.5, 128], highest_iso: [1, 10_000_000], subject_width: [1e-6, 1], subject_height: [1e-6, 1],
};
const garbage = (random) => random.one([
  null, true, [], {}, '', 'x'.repeat(70_000), '\u0000', '\ufffd', '1e999', -1, 1e308, -1e308, 1e-320, 5e15, 0.1, [[[[[[1]]]]]], { a: { b: 1 } }, '2027-02-31', '24:61', [null, 1],
]);

const bases = ['flood-tide-at-the-mill-race', 'dusk-over-the-salt-pans', 'moonrise-over-the-pump-house', 'salt-rising-on-the-evaporation-pans']
  .map((name) => readFileSync(join(root, `database/seeders/demo/${name}.plan.json`), 'utf8'));

function leaves(part, pointer = []) {
  return part !== null && typeof part === 'object' ? Object.entries(part).flatMap(([name, value]) => leaves(value, [...pointer, name])) : [pointer];
}

function put(document, pointer, value) {
  const place = pointer.slice(0, -1).reduce((part, name) => part[name], document);
  place[pointer.at(-1)] = value;
}

/** A plan with some numbers at their edges, or with something in it that is none. */
function mangled(random) {
  const plan = JSON.parse(random.one(bases));
  plan.site ??= { name: 'Anywhere', latitude_deg: 52, longitude_deg: 1, zone: 'Europe/London', date: '2027-03-23' };
  plan.start ??= { event: 'clock', at: '16:20' };
  plan.site.sky_mag ??= 20.5;
  if (plan.light) Object.assign(plan.light, { exposed_for: random.one(['land', 'sky']), lamps_lux: 10, lamps_on: random.one(['always', 'dusk', '19:40']), bias_stops: -1, widest_aperture: 2, highest_iso: 6400 });
  Object.assign(plan.move.keyframes[0], { subject_width: 0.5, subject_height: 0.9, matters_most: true });
  const edgy = random.next() < 0.75;
  for (let n = random.whole(1, edgy ? 3 : 2); n > 0; n--) {
    const known = leaves(plan).filter((pointer) => !edgy || edges[pointer.at(-1)]);
    const pointer = random.one(known);
    put(plan, pointer, edgy ? random.one(edges[pointer.at(-1)]) : garbage(random));
  }
  if (edgy && random.next() < 0.3) plan.timing.mode = random.one(['shoot_move_shoot', 'continuous', 'stop_motion']);
  return JSON.stringify(plan);
}

const nasty = (random) => random.one(['', '0', '-1', '1e309', 'NaN', '٣', "'; drop table shots; --", '<script>alert(1)</script>', '\u0000', 'a'.repeat(5_000), '999999999999999999999', '1e-300', '../../etc/passwd', '=1+1', '\ud800', '½', '8pm', '-0']);

test('mangled plans, uploads and posts over all routes: nothing fails, nothing takes long, and what is accepted opens everywhere', { timeout: isEndurance ? 10_800_000 : 200_000 }, async () => {
  const all = times(8, 48, 10_000);
  const failed = [];
  let slowest = [0, ''];
  const look = async (what, asking) => {
    const began = performance.now();
    const response = await asking;
    const text = await response.text();
    const took = performance.now() - began;
    if (took > slowest[0]) slowest = [took, what];
    if (response.status >= 500) failed.push(`${response.status} ${what}`);
    return { status: response.status, location: response.headers.get('location') ?? '', text };
  };
  let plans = 0;
  let accepted = 0;
  const window = async (seed) => {
    const random = numbers(seed);
    let shoot = await newShoot(`Mangled ${seed}`);
    const shot = await newShot(shoot, 'Posted to');
    for (let n = seed; n < all; n += 4) {
      if (n % 40 < 4) shoot = await newShoot(`Mangled ${seed} ${n}`);
      const kind = random.next();
      if (kind < 0.6) {
        plans += 1;
        const json = mangled(random);
        const form = new FormData();
        form.set('file', new Blob([json], { type: 'application/json' }), 'mangled.plan.json');
        const { location } = await look(`upload ${json.length < 9_000 ? json : json.length}`, post(`/shoots/${shoot}/plan-files`, form));
        const made = /\/shoots\/\d+\/shots\/\d+/.exec(location)?.[0];
        if (!made) continue;
        accepted += 1;
        for (const path of ['', '/schedule', '/schedule.csv', '/plan.json', '/schools', '/history']) await look(`${path} of ${json}`, get(`${made}${path}`));
        const revision = await revisionOf(made);
        await look(`edit of ${json}`, post(made, { _method: 'put', revision, 'held[shooting]': '30 min', preview: '1', end: '1' }, { headers: { 'HX-Request': 'true' } }));
        await look(`dry run of ${json}`, post(`${made}/runs`));
        for (const path of ['', '/packing', '/sheet', '/day.ics']) await look(`shoot${path} with ${json}`, get(`/shoots/${shoot}${path}`));
        await post(made, { _method: 'delete' });
      } else if (kind < 0.75) {
        const form = new FormData();
        const text = random.one([`kind,name\ncard,${nasty(random)}`, '{"format":"evrent.kit/1","items":[{"kind":"card"}]}', nasty(random), `<gpx><wpt lat="${nasty(random)}" lon="1"/></gpx>`, '{"type":"Point","coordinates":[1e400,2]}', '{'.repeat(3_000), `<gpx>${'<a>'.repeat(900)}`]);
        form.set('file', new Blob([text]), random.one(['kit.csv', 'kit.json', 'place.gpx', 'place.geojson']));
        if (random.next() < 0.5) await look(`kit file ${text.slice(0, 80)}`, post('/kit/files', form));
        else {
          form.set('_method', 'put');
          await look(`place file ${text.slice(0, 80)}`, post(`/shoots/${shoot}/place`, form));
        }
      } else {
        const value = () => nasty(random);
        const [path, values] = random.one([
          [shot, { _method: 'put', [`plan[timing][${random.one(['photos', 'interval_s', 'exposure_s', 'mode', 'haste'])}]`]: value(), revision: value(), end: '1' }],
          [shot, { _method: 'put', 'plan[move][keyframes][0][pan]': value(), 'held[clip]': value(), end: '1' }],
          [`${shot}/edits`, { edit: random.one(['scale', 'aim', 'metered', 'keyframe-add', 'track-body', 'part-in', 'night-bias', value()]), 'with[factor]': value(), 'with[place]': value(), 'with[photo]': value(), 'with[metered_at]': value(), revision: value() }],
          [`${shot}/jog`, { 'positions[slide]': value(), 'positions[pan]': value(), axis: value(), steps: value() }],
          [`${shot}/title`, { _method: 'put', title: value(), revision: value() }], [`${shot}/stay`, { _method: 'put', start: value(), to_s: value(), setup_minutes: value() }],
          [`/shoots/${shoot}/events`, { at: value(), label: value() }], [`/shoots/${shoot}/trials`, { subject: value(), intervals: value(), shutters: value(), photos: value() }],
          [`/shoots/${shoot}/place`, { _method: 'put', name: value(), latitude: value(), longitude: value(), zone: value(), date: value() }],
          [`/shoots/${shoot}/packing`, { _method: 'put', item: value(), 'packed[]': value() }], [`${shot}/kit`, { item: value(), count: value(), revision: value() }],
          ['/kit', { kind: value(), name: value(), count: value() }], ['/presets', { name: value(), interval_s: value(), open_share: value(), clip_s: value(), note: value() }],
          ['/shoots', { name: value(), place: value(), shoot_date: value() }], [`/shoots/${shoot}/shots`, { title: value(), starter: 'pan-tilt', recipe: value() }],
          [`${shot}/runs`, { kind: value(), frame: value() }], ['/look', { _method: 'put', look: value() }], [`/bin/${random.one(['shot', 'kit', 'x'])}/${random.whole(1, 99999)}`, {}],
        ]);
        await look(`post ${path} ${JSON.stringify(values).slice(0, 300)}`, post(path, values, { headers: random.next() < 0.5 ? { 'HX-Request': 'true' } : {} }));
        await look(`get after ${path}`, get(random.one([shot, `/shoots/${shoot}`, '/kit', '/presets', '/', `${shot}/schedule?photo=${encodeURIComponent(nasty(random).replace('\ud800', ''))}`])));
      }
    }
  };
  await Promise.all([0, 1, 2, 3].map(window));
  assert.deepEqual(failed.map((what) => what.slice(0, 1500)), []);
  assert.ok(slowest[0] < slowestMilliseconds, `${slowest[1].slice(0, 600)} took ${Math.round(slowest[0])} ms`);
  assert.ok(accepted >= plans / 2, `${accepted} of ${plans} plans are accepted`);
});

test('addresses and bytes that are none, and names that are not ours', async () => {
  for (const path of ['/%00', '/%ff%fe', '/shots/%00', '/shots/999999999999999', '/shots/1%0a', '/presets/x', '/build/assets/%00', `/${'a'.repeat(9_000)}`]) {
    const answer = await get(path);
    assert.ok(answer.status >= 400 && answer.status < 500, `${path.slice(0, 30)} is answered with ${answer.status}`);
    assert.match(await answer.text(), /Evrent/, `${path.slice(0, 30)} is told in Evrent’s own words`);
  }
  const bytes = await fetch(`${url}/shoots`, { method: 'POST', redirect: 'manual', headers: { 'Sec-Fetch-Site': 'same-origin', 'Content-Type': 'application/x-www-form-urlencoded' }, body: Buffer.from('name=%ff%fe%00&place=%c3%28') });
  assert.equal(bytes.status, 302);
  for (const headers of [{ 'Sec-Fetch-Site': 'cross-site' }, { 'Sec-Fetch-Site': 'same-site' }, { Origin: 'http://evil.example' }, { Origin: 'null' }]) {
    assert.equal((await fetch(`${url}/shoots`, { method: 'POST', redirect: 'manual', headers, body: new URLSearchParams({ name: 'not ours' }) })).status, 403, JSON.stringify(headers));
  }
  const page = await get('/');
  assert.match(page.headers.get('content-security-policy'), /default-src 'none'; script-src 'self';/);
  assert.doesNotMatch(page.headers.get('content-security-policy'), /script-src[^;]*unsafe/);
  for (const [name, value] of [['x-content-type-options', 'nosniff'], ['x-frame-options', 'DENY'], ['referrer-policy', 'same-origin']]) assert.equal(page.headers.get(name), value);
  for (const name of ['x-powered-by']) assert.equal(page.headers.get(name), null);
});
