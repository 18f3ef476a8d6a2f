import { phrase } from './catalogue.js';

/**
 * What is to be sent to the server. Edits go one after another, each with the values it was made with and a key of its own, and stay in
 * the browser until the server has answered: through a lost answer, a server that is away, another page, a closed tab. Sent again, an
 * edit counts once: the server knows its key. Of changes that are only looked at, the newest alone is asked for, and none is kept.
 *
 * An entry is {key, kind, url, values: [[name, value], …], shot?, revision?, structure?, preview?, form?}.
 */
const retryMilliseconds = 1_500;
const patienceMilliseconds = 30_000;

const instance = document.querySelector('meta[name="evrent-instance"]')?.content ?? 'evrent';
const prefix = `evrent:${instance}:edit:`;
const queue = [];
const kinds = new Map();
let busy = null;
let unanswered = false;
let answeredOnce = false;
let made = 0;
let timer = 0;

/** Says how answers of a kind are taken. @param {{headers: object, take: (entry: object, answer: object) => void}} kind */
export function registerKind(name, kind) {
  kinds.set(name, kind);
}

/** @returns {Promise<boolean>} whether it was taken */
export function send(entry) {
  if (entry.preview) drop((waiting) => waiting.preview);
  const whole = { key: newKey(), order: `${Date.now()}-${String(++made).padStart(6, '0')}`, ...entry };
  keep(whole);
  return new Promise((resolve) => {
    queue.push({ ...whole, resolve });
    show();
    pump();
  });
}

/** What waits, saves alone, of one shot or of all. */
export function waiting(shot = null) {
  return queue.filter((entry) => !entry.preview && (shot === null || entry.shot === shot));
}

export function dropPreviews() {
  drop((entry) => entry.preview);
}

/** What an earlier page left behind is sent from here. */
export function startOutbox() {
  try {
    Object.keys(localStorage).filter((name) => name.startsWith(prefix)).sort().forEach((name) => {
      const entry = JSON.parse(localStorage.getItem(name));
      if (kinds.has(entry.kind)) queue.push({ ...entry, left: true, resolve() {} });
    });
  } catch {
    // Without a store, what waits lives as long as its page.
  }
  window.addEventListener('online', again);
  window.addEventListener('beforeunload', (event) => {
    // Nothing is lost by leaving; only a file that is being sent cannot be kept.
    if (queue.some((entry) => entry.body)) event.preventDefault();
  });
  show();
  pump();
}

/** Not every page is served as a secure one, and only those have randomUUID. */
export function newKey() {
  if (crypto.randomUUID) return crypto.randomUUID();
  const bytes = [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return bytes.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
}

function nameOf(entry) {
  return `${prefix}${entry.order}-${entry.key}`;
}

function keep(entry) {
  if (entry.preview || entry.body) return;
  try {
    localStorage.setItem(nameOf(entry), JSON.stringify(entry));
  } catch {
    // A full or forbidden store: it is sent from memory.
  }
}

function forget(entry) {
  try {
    localStorage.removeItem(nameOf(entry));
  } catch {
    // Nothing was kept there.
  }
}

function drop(which) {
  for (let i = queue.length - 1; i >= 0; i--) {
    if (queue[i] !== busy && which(queue[i])) queue.splice(i, 1)[0].resolve(false);
  }
}

function again() {
  clearTimeout(timer);
  pump();
}

async function pump() {
  if (busy || queue.length === 0) return;
  const entry = queue[0];
  busy = entry;
  show();
  const kind = kinds.get(entry.kind);
  const answer = await ask(entry, kind);
  busy = null;
  if (answer === null) {
    unanswered = true;
    if (entry.preview) queue.shift().resolve(false);
    show();
    timer = setTimeout(pump, retryMilliseconds);
    return;
  }
  unanswered = false;
  answeredOnce = true;
  queue.shift();
  forget(entry);
  // What it led to is what the next was made on.
  if (answer.ok && answer.revision && !entry.preview) rebase(entry, answer);
  kind.take(entry, answer);
  entry.resolve(answer.ok);
  show();
  pump();
}

function rebase(entry, { revision, structure }) {
  for (const next of queue) {
    if (next.shot !== entry.shot || next.revision !== entry.revision) continue;
    // A field of a list may stand for another one now: the server looks, and says so.
    const isOfAList = next.values.some(([name]) => /\[\d+\]/.test(name));
    if (isOfAList && structure && next.structure !== structure) continue;
    next.revision = revision;
    if (structure) next.structure = structure;
    keep(next);
  }
}

/** Null when nobody answered, or nobody who could. */
async function ask(entry, kind) {
  const body = entry.body ?? new URLSearchParams();
  if (!entry.body) {
    // First what says what this is, last what says that all of it is there.
    body.set('key', entry.key);
    if (entry.revision !== undefined) body.set('revision', entry.revision);
    if (entry.preview) body.set('preview', '1');
    if (entry.structure !== undefined) body.set('structure', entry.structure);
    entry.values.forEach(([name, value]) => body.append(name, value));
    body.set('end', '1');
  } else {
    body.set('key', entry.key);
  }
  try {
    const response = await fetch(entry.url, { method: 'POST', body, headers: kind.headers, credentials: 'same-origin', signal: AbortSignal.timeout(patienceMilliseconds) });
    if ([502, 503, 504, 507].includes(response.status)) {
      unansweredWith(response.status);
      return null;
    }
    const text = await response.text();
    return {
      ok: response.ok, status: response.status, text,
      revision: response.headers.get('X-Evrent-Revision'),
      structure: /"structure":"([0-9a-f]+)"/.exec(text)?.[1] ?? null,
    };
  } catch {
    unansweredWith(0);
    return null;
  }
}

let reason = '';
function unansweredWith(status) {
  reason = phrase(status === 507 ? 'scripts.all.disk_full' : status === 503 ? 'scripts.all.no_database' : 'scripts.all.no_answer');
}

/** Saved, saving or waiting: always to be seen. */
function show() {
  const saves = waiting().length;
  const state = saves === 0 ? 'saved' : unanswered ? 'waiting' : 'saving';
  const mark = document.getElementById('saving');
  if (mark) {
    mark.hidden = false;
    mark.dataset.state = state;
    mark.querySelector('.saving-text').textContent = state === 'waiting' ? phrase('scripts.all.waiting', { count: saves }) : phrase(`scripts.all.state_${state}`);
  }
  const trouble = document.getElementById('trouble');
  if (unanswered) {
    const kept = saves === 0 ? phrase('scripts.all.all_saved') : phrase('scripts.all.kept', { count: saves });
    trouble.textContent = `${reason} ${kept}`;
    trouble.dataset.by = 'outbox';
    trouble.hidden = false;
  } else if (trouble.dataset.by === 'outbox' || trouble.dataset.by === 'kept' && saves === 0 && answeredOnce) {
    trouble.hidden = true;
    trouble.dataset.by = '';
  }
  document.dispatchEvent(new CustomEvent('outbox-changed', { detail: { state } }));
}
