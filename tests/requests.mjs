import assert from 'node:assert/strict';

/** What the tests ask of the server without a browser. */
export const url = process.env.EVRENT_URL ?? 'http://127.0.0.1:8710';

const own = { 'Sec-Fetch-Site': 'same-origin' };

export function get(path, base = url) {
  return fetch(base + path, { headers: own, redirect: 'manual' });
}

/** Posts a form as a page of Evrent's own does. @param {object|Array|FormData} values */
export function post(path, values = {}, { base = url, headers = {} } = {}) {
  const body = values instanceof FormData ? values : new URLSearchParams(values);
  return fetch((path.startsWith('http') ? '' : base) + path, { method: 'POST', headers: { ...own, ...headers }, body, redirect: 'manual' });
}

/** One edit of a shot, given its path, by script; resolves with status, revision and text. */
export async function edit(shot, values, { base = url, path = '' } = {}) {
  const response = await post(`${shot}${path}`, [...Object.entries(values), ['end', '1']], { base, headers: { 'HX-Request': 'true' } });
  return { status: response.status, revision: response.headers.get('X-Evrent-Revision'), text: await response.text() };
}

export async function revisionOf(shot, base = url) {
  return /id="revision"[^>]*value="(\d+)"/.exec(await (await get(shot, base)).text())?.[1];
}

export async function newShoot(name, base = url) {
  const response = await post('/shoots', { name, place: 'Saltreach', shoot_date: '2027-03-23' }, { base });
  assert.equal(response.status, 302);
  return Number(/shoots\/(\d+)/.exec(response.headers.get('location'))[1]);
}

/** @returns {Promise<string>} its path */
export async function newShot(shoot, title, base = url, starter = 'slide-pan-tilt') {
  const response = await post(`/shoots/${shoot}/shots`, { title, starter, recipe: '' }, { base });
  assert.equal(response.status, 302);
  return new URL(response.headers.get('location')).pathname;
}

export const planOf = async (shot, base = url) => (await get(`${shot}/plan.json`, base)).json();

/** A shoot at a place with a sky of its own. */
export async function newShootAtSaltreach(name) {
  const shoot = await newShoot(name);
  const placed = await post(`/shoots/${shoot}/place`, { _method: 'put', name: 'Saltreach pans', latitude: '51.85', longitude: '1.9', zone: 'Europe/London', date: '2027-03-24' });
  assert.equal(placed.status, 302);
  return shoot;
}
