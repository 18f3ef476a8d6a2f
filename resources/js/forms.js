import { newKey, registerKind, send } from './outbox.js';
import { putInPlace, touchedSince, touches } from './parts.js';
import { phrase } from './catalogue.js';

/**
 * Every form that changes something is sent from here, so that it waits for a server that is away instead of ending on the browser's
 * error page. A page that is left meanwhile has sent it all the same.
 */
const trouble = () => document.getElementById('trouble');

const say = (words) => {
  trouble().textContent = words;
  trouble().dataset.by = 'form';
  trouble().hidden = false;
};

/** Form by the key of what it sent; gone with the page. */
const open = new Map();

const carried = 'evrent:carried:';

/** What was typed elsewhere on the page since a form was sent is there again when the page is. */
function carryOver(asked) {
  const fields = [...document.querySelectorAll('form input[id]:not([type=file]):not([type=hidden]), form select[id], form textarea[id]')]
    .filter((field) => touchedSince(field, asked) && !field.closest('form[inert]') && !field.matches('.plan-field'));
  try {
    if (fields.length > 0) sessionStorage.setItem(carried + window.location.pathname, JSON.stringify(fields.map(({ id, value, checked }) => ({ id, value, checked }))));
  } catch {
    // Without a store there is nothing to carry in.
  }
}

function putBackCarried() {
  const name = carried + window.location.pathname;
  try {
    for (const { id, value, checked } of JSON.parse(sessionStorage.getItem(name) ?? '[]')) {
      const field = document.getElementById(id);
      if (!field) continue;
      field.closest('details')?.setAttribute('open', '');
      if (['checkbox', 'radio'].includes(field.type)) field.checked = checked;
      else field.value = value;
      field.dispatchEvent(new Event('input', { bubbles: true }));
    }
    sessionStorage.removeItem(name);
  } catch {
    // As above.
  }
}

function goOn(location, asked) {
  carryOver(asked);
  const there = new URL(location, document.baseURI);
  const same = there.pathname === window.location.pathname && there.search === window.location.search;
  window.location.assign(there);
  // To a place on this very page, the browser would only scroll.
  if (same && there.hash !== '') window.location.reload();
}

function takeForm(entry, { status, text }) {
  const form = open.get(entry.key);
  open.delete(entry.key);
  form?.removeAttribute('inert');
  let location = null;
  try {
    ({ location } = JSON.parse(text));
  } catch {
    // Not answered with where to go on: refused.
  }
  if (location !== null) {
    // Sent by an earlier look at this very page, it leads on from here all the same.
    if (form || entry.page === window.location.pathname) goOn(location, entry.left ? 0 : entry.asked);
    return;
  }
  say(phrase(status === 413 ? 'scripts.all.too_large' : 'scripts.all.failed'));
}

/** What a form said it showed is what it sent, once that is kept: the next change is made to it. */
function followWas(entry, form) {
  // note is was[note]; cells[0:1][note] is was[cells][0:1][note].
  const wasName = (name) => name.replace(/^([^[]+)/, 'was[$1]');
  entry.values.forEach(([name, value]) => {
    const shown = form.querySelector(`input[type=hidden][name="${CSS.escape(wasName(name))}"]`);
    if (shown) shown.value = value;
  });
}

function takePart(entry, { ok, status, text }) {
  const form = document.getElementById(entry.form);
  if (ok && form) followWas(entry, form);
  if (ok || status === 409 || status === 422) {
    const isAbout = (field) => Boolean(form?.contains(field)) || (entry.focus !== null && field.id.startsWith(`${entry.focus}-`));
    if (entry.part) putInPlace(text, entry.left ? 0 : entry.asked, entry.part, isAbout);
    const moved = entry.focus && document.getElementById(entry.focus);
    if (moved) {
      moved.focus();
      document.getElementById('announcer').textContent = moved.getAttribute('aria-label') ?? '';
    }
    return;
  }
  say(phrase('scripts.all.failed_reload'));
}

const texts = (form, submitter) => [...new FormData(form, submitter)].filter(([name]) => name !== '_token');

/** Sends a change of which a part of the page comes back. */
export function sendPart({ url, values, part, form = null, focus = null }) {
  return send({ kind: 'part', url, values, part, form, focus, asked: touches() });
}

export function listenToForms() {
  registerKind('form', { headers: { 'X-Evrent-Form': '1', Accept: 'application/json, text/html' }, take: takeForm });
  registerKind('part', { headers: { 'HX-Request': 'true', Accept: 'text/html' }, take: takePart });

  putBackCarried();
  document.addEventListener('submit', (event) => {
    const form = event.target;
    if (event.defaultPrevented || form.method !== 'post' || form.matches('[data-live], [data-look], [data-upload]')) return;
    event.preventDefault();
    if (form.matches('[data-send-on-change]')) {
      sendForm(form);
      return;
    }
    const key = newKey();
    const hasFile = [...form.elements].some((field) => field.type === 'file' && field.files.length > 0);
    const entry = hasFile ? { body: new FormData(form, event.submitter), values: [] } : { values: texts(form, event.submitter) };
    // Until it is answered it cannot be sent twice, nor typed into what is under way.
    // A button may send its form elsewhere.
    const url = event.submitter?.hasAttribute('formaction') ? event.submitter.formAction : form.action;
    const sent = { kind: 'form', url, ...entry, key, page: window.location.pathname, asked: touches() };
    open.set(key, form);
    form.setAttribute('inert', '');
    send(sent);
  });

  if (document.querySelector('[data-send-on-change]')) import('./early.js').then(({ sendEarly }) => sendEarly(sendForm));
  document.addEventListener('change', (event) => {
    const form = event.target.closest('form');
    if (form?.matches('[data-send-on-change]')) sendForm(form);
    if (form?.matches('[data-ticks]') && event.target.type === 'checkbox') {
      document.querySelector('[data-ticked]').textContent = String(form.querySelectorAll('input[type=checkbox]:checked').length);
      const ticked = event.target.checked ? [['packed[]', event.target.value]] : [];
      sendPart({ url: form.action, values: [['_method', 'put'], ['item', event.target.value], ...ticked], part: null });
    }
  });
  document.addEventListener('click', (event) => {
    if (event.target.closest?.('[data-print]')) window.print();
    if (event.target.closest?.('[data-dismiss]')) document.getElementById('notice').hidden = true;
  });
}

/** N goes to what makes something new on a page; on a shot it has a meaning of its own. */
export function listenForNew() {
  document.addEventListener('keydown', (event) => {
    const field = document.querySelector('[data-new] input:not([type=hidden])');
    if (!field || event.key.toLowerCase() !== 'n' || event.ctrlKey || event.metaKey || event.altKey || document.documentElement.dataset.letters === 'off'
      || event.target.matches?.('input, select, textarea')) return;
    event.preventDefault();
    field.focus();
  });
}

let numbered = 0;

function sendForm(form) {
  form.id ||= `form-${++numbered}`;
  sendPart({ url: form.action, values: texts(form), part: form.dataset.part, form: form.id });
}
