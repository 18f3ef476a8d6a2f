import { registerKind, send as queue, waiting, dropPreviews as dropQueued } from '../outbox.js';
import { putInPlace, touches } from '../parts.js';
import { onView, takeMarks } from './views.js';
import { phrase } from '../catalogue.js';

export { waiting };

/** The numbers stand last in an answer, and are the most of it: the browser need not read them as a part of the page. */
const numbers = /<script id="shot-data"[^>]*>([^]*?)<\/script>/;

/** Parts of what is only looked at that are not to be seen, by their id. */
const later = new Map();

/** Says what the last answer brought, where that waits for a frame. */
let untold = null;
const tellNow = () => {
  const tell = untold;
  untold = null;
  tell?.();
};

/** What was only to be looked at is not asked any more, and what is on the page is all of one answer. */
export function dropPreviews() {
  dropQueued();
  tellNow();
}

const here = () => document.getElementById('shot')?.dataset.shot ?? null;

/**
 * Sends one change of the shot that is open, with the values it is made with.
 *
 * @param {{url: string, values: Array<[string, string]>, preview?: boolean, fields?: string[]}} edit fields names what was typed in
 * @returns {Promise<boolean>} whether it was taken
 */
export function send(edit) {
  const shot = document.getElementById('shot');
  return queue({ kind: 'shot', shot: here(), revision: document.getElementById('revision').value, structure: shot.dataset.structure ?? '', asked: touches(), ...edit });
}

function show(entry, { ok, status, text }) {
  const ours = entry.shot === here();
  // Half a number is no mistake yet: the last good plan stays, and nobody is interrupted.
  if (entry.preview && !ok) return;
  if (!ours) {
    if (!ok) sayElsewhere(entry, status);
    return;
  }
  if (ok || status === 409 || status === 422) {
    const data = text.match(numbers)?.[1];
    // What another page asked was asked before anything was typed on this one.
    const asked = entry.left ? 0 : entry.asked;
    // While something is only looked at, as all through a drag, what stands in another view waits until that comes to the front.
    if (!entry.preview) later.clear();
    putInPlace(text.replace(numbers, ''), asked, null, () => true, { prepare: takeMarks, later: entry.preview ? later : null });
    const tell = () => document.body.dispatchEvent(new CustomEvent('shot-answered', { detail: { ok, status, preview: entry.preview ?? false, fields: entry.fields ?? [], entry, asked, data: data && JSON.parse(data) } }));
    untold = entry.preview ? tell : null;
    // What is dragged must not stand still for an answer: the parts are drawn in one frame, the chart in the next.
    if (entry.preview) requestAnimationFrame(() => setTimeout(tellNow));
    else tell();
    return;
  }
  const trouble = document.getElementById('trouble');
  trouble.textContent = phrase('scripts.bench.failed');
  trouble.hidden = false;
}

/** An edit of another page's shot that was refused: what was typed is there when that shot is opened again. */
function sayElsewhere(entry, status) {
  const trouble = document.getElementById('trouble');
  trouble.textContent = phrase(status === 409 ? 'scripts.bench.elsewhere_met' : 'scripts.bench.elsewhere_refused');
  trouble.hidden = false;
  (entry.fields ?? []).forEach((id) => saveDraft(entry.shot, id, entry.values.find(([name]) => name === entry.names?.[id])?.[1] ?? ''));
}

const draftsOf = (shot) => `evrent:${document.querySelector('meta[name="evrent-instance"]')?.content}:draft:${shot}:`;

/** Text that is in no plan: half typed when the page was left, or refused. It stands in its field when the shot is opened again. */
export function saveDraft(shot, id, text) {
  try {
    if (text === null) localStorage.removeItem(draftsOf(shot) + id);
    else localStorage.setItem(draftsOf(shot) + id, text);
  } catch {
    // Without a store, it lives as long as the page.
  }
}

/** @returns {Array<[string, string]>} texts by the field's id */
export function drafts() {
  try {
    const prefix = draftsOf(here());
    return Object.keys(localStorage).filter((name) => name.startsWith(prefix)).map((name) => [name.slice(prefix.length), localStorage.getItem(name)]);
  } catch {
    return [];
  }
}

/** Forms that are told what changed, instead of leaving the page. */
export function listen() {
  onView(() => {
    later.forEach((put) => put());
    later.clear();
  });
  registerKind('shot', { headers: { 'HX-Request': 'true', Accept: 'text/html' }, take: show });
  document.addEventListener('submit', (event) => {
    const form = event.target.closest('form[data-live]');
    if (!form || form.id === 'plan' || event.defaultPrevented) return;
    event.preventDefault();
    const values = [...new FormData(form, event.submitter)].filter(([name]) => !['revision', '_token'].includes(name));
    send({ url: form.action, values });
  });
  // What is chosen to be applied is looked at first: the shot as it would be, and what would have to give way.
  document.addEventListener('change', ({ target }) => {
    const form = target.closest('form[data-look-first]');
    if (form) send({ url: form.action, values: [...new FormData(form)].filter(([name]) => !['revision', '_token'].includes(name)), preview: true });
  });
}
