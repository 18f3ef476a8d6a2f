import assert from 'node:assert/strict';
import { edit, get, newShoot, newShot, numbers, planOf, post, revisionOf, test, times } from './support.mjs';

const windows = 8;
const each = (count, make) => Promise.all(Array.from({ length: count }, (_, n) => make(n)));
/** Eight windows at once, each with its own list of things to do. */
const atOnce = (all, make) => each(windows, async (window) => {
  const answers = [];
  for (let n = window; n < all; n += windows) answers.push(await make(n));
  return answers;
}).then((lists) => lists.flat());
const noneFails = (answers) => assert.deepEqual(answers.map(({ status }) => status).filter((status) => status >= 500), []);

test('eight windows add forty events, tick and untick, and none is lost', async () => {
  const shoot = await newShoot('Eight windows');
  noneFails(await atOnce(40, (n) => post(`/shoots/${shoot}/events`, { at: `${String(6 + Math.floor(n / 4)).padStart(2, '0')}:${String(n % 4 * 15).padStart(2, '0')}`, label: `event ${n}` })));
  const page = await (await get(`/shoots/${shoot}`)).text();
  for (let n = 0; n < 40; n++) assert.ok(page.includes(`<span>event ${n}</span>`), `event ${n} is there`);
  noneFails(await atOnce(64, (n) => post(`/shoots/${shoot}/packing`, [['_method', 'put'], ['item', `piece ${n % 32}`], ...(n < 32 || n % 2 === 0 ? [['packed[]', `piece ${n % 32}`]] : [])])));
});

test('eight windows judge the cells of one test shoot, and every verdict is there', async () => {
  const shoot = await newShoot('Judged');
  await post(`/shoots/${shoot}/trials`, { subject: 'Foam', intervals: '1 2 3 4 5 6 7 8', shutters: '1/60 1/30 1/15 1/8', photos: '48' });
  const trial = /trials\/(\d+)"/.exec(await (await get(`/shoots/${shoot}/trials`)).text())[1];
  const answers = await atOnce(32, (n) => {
    const cell = `${Math.floor(n / 4)}:${n % 4}`;
    return post(`/shoots/${shoot}/trials/${trial}`, { _method: 'put', [`cells[${cell}][rating]`]: String(1 + n % 5), [`cells[${cell}][note]`]: `why ${n}`, [`was[cells][${cell}][rating]`]: '', [`was[cells][${cell}][note]`]: '' });
  });
  noneFails(answers);
  const page = await (await get(`/shoots/${shoot}/trials`)).text();
  for (let n = 0; n < 32; n++) assert.ok(page.includes(`value="why ${n}"`), `verdict ${n}`);
});

test('names are had once, whoever asks at once, and nobody is answered with a failure', async () => {
  const name = `Card ${Date.now()}`;
  noneFails(await atOnce(16, () => post('/kit', { kind: 'cable', name, count: '1', note: '' })));
  assert.equal((await (await get('/kit.json')).json()).items.filter((item) => item.name === name).length, 1);
  const recipe = `Recipe ${Date.now()}`;
  noneFails(await atOnce(16, () => post('/presets', { name: recipe, interval_s: '4', open_share: '20', clip_s: '10', note: 'a test' })));
  assert.equal((await (await get('/presets')).text()).split(`value="${recipe}"`).length - 1, 2, 'once as it is, once as it was shown');
});

test('eight windows change different fields of one shot and all arrive; of one and the same field, one is told', async () => {
  const shot = await newShot(await newShoot('One shot'), 'Eight hands');
  const base = await revisionOf(shot);
  const fields = [['timing][head_photos', 31], ['timing][tail_photos', 17], ['timing][interval_s', 9.5], ['timing][exposure_s', 0.5], ['rig][settle_s', 0.9], ['camera][write_s', 1.3], ['camera][buffer_frames', 7], ['timing][start_delay_s', 12]];
  const answers = await Promise.all(fields.map(([name, value]) => edit(shot, { _method: 'put', key: crypto.randomUUID(), revision: base, [`plan[${name}]`]: String(value) })));
  assert.deepEqual(answers.map(({ status }) => status), fields.map(() => 200));
  const plan = await planOf(shot);
  for (const [name, value] of fields) assert.equal(name.split('][').reduce((part, one) => part[one], plan), value, name);
  const same = await each(windows, (n) => edit(shot, { _method: 'put', revision: base, 'plan[timing][interval_s]': String(20 + n) }));
  assert.deepEqual([...new Set(same.map(({ status }) => status))], [409], 'all typed over what another had changed since');
});

test('an edit that is sent again counts once, sent twice at once too; undo names where it starts', async () => {
  const shot = await newShot(await newShoot('Once'), 'Counted');
  const key = crypto.randomUUID();
  const values = { _method: 'put', key, revision: await revisionOf(shot), 'plan[timing][interval_s]': '9' };
  const answers = await each(windows, () => edit(shot, values));
  assert.deepEqual([...new Set(answers.map(({ status, revision }) => `${status} ${revision}`))].length, 1);
  const undone = { key: crypto.randomUUID(), revision: answers[0].revision };
  const undos = await each(windows, () => edit(shot, undone, { path: '/undo' }));
  assert.deepEqual([...new Set(undos.map(({ status }) => status))], [200]);
  assert.equal((await planOf(shot)).timing.interval_s, 6);
  assert.equal((await edit(shot, { revision: answers[0].revision }, { path: '/undo' })).status, 409, 'from a plan that is not there any more');
  const form = { key: crypto.randomUUID(), name: `Made once ${key}`, place: '', shoot_date: '' };
  const made = await each(windows, async () => (await post('/shoots', form, { headers: { 'X-Evrent-Form': '1' } })).json());
  assert.equal(new Set(made.map(({ location }) => location)).size, 1);
  assert.equal((await (await get('/')).text()).split(`Made once ${key}`).length - 1, 1);
});

test('random edits by eight windows at once on a few shots: nothing fails, and every plan still opens', async () => {
  const shoot = await newShoot('Many hands');
  const shots = await each(3, (n) => newShot(shoot, `Shared ${n}`));
  const random = numbers(7);
  const answers = await atOnce(times(24, 80, 2_000), async () => {
    const shot = random.one(shots);
    const revision = await revisionOf(shot);
    const values = random.one([
      { _method: 'put', 'plan[timing][interval_s]': String(random.whole(20, 200) / 10) }, { _method: 'put', 'held[photos]': String(random.whole(30, 900)) },
      { _method: 'put', 'held[shooting]': `${random.whole(5, 90)} min` }, { _method: 'put', 'held[pin]': random.one(['photos', 'interval', 'shooting']) },
      { _method: 'put', 'plan[move][keyframes][1][pan]': String(random.whole(-170, 170)) },
    ]);
    return edit(shot, { key: crypto.randomUUID(), revision, ...values });
  });
  assert.deepEqual([...new Set(answers.map(({ status }) => status))].filter((status) => ![200, 409, 422].includes(status)), []);
  for (const shot of shots) assert.equal((await get(shot)).status, 200);
  assert.equal((await get(`/shoots/${shoot}`)).status, 200);
});
