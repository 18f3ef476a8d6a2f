/**
 * The one way in which the bench talks to the server. Edits go one after another, so that each is made to the plan that the
 * one before it left; of changes that are only looked at, the newest alone is asked for. When the server does not answer, what
 * was asked waits and is asked again: nothing is lost.
 */
const retryMilliseconds = 1_500;
const queue = [];
let busy = false;

const say = (message) => {
  const trouble = document.getElementById('trouble');
  trouble.textContent = message;
  trouble.hidden = message === '';
};

/**
 * @param {{url: string, body: () => FormData, preview?: boolean, fields?: boolean}} edit body is made when it is sent, with what
 *   stands in the fields by then; fields says whether it carries them all
 * @returns {Promise<boolean>} whether it was taken
 */
export function send(edit) {
  if (edit.preview) drop((waiting) => waiting.preview);
  return new Promise((resolve) => {
    queue.push({ ...edit, resolve });
    pump();
  });
}

/** Takes back what is only looked at and was not asked for yet. */
export function dropPreviews() {
  drop((waiting) => waiting.preview);
}

function drop(which) {
  for (let i = queue.length - 1; i >= (busy ? 1 : 0); i--) {
    if (which(queue[i])) queue.splice(i, 1)[0].resolve(false);
  }
}

async function pump() {
  if (busy || queue.length === 0) return;
  busy = true;
  const edit = queue[0];
  const answer = await ask(edit);
  busy = false;
  if (answer === null) {
    const waiting = queue.filter((other) => !other.preview).length;
    say(`Evrent does not answer. ${waiting === 0 ? 'Your shot is as it was.' : `${waiting === 1 ? 'Your change waits' : `${waiting} changes wait`} here and will be made as soon as it runs again.`}`);
    if (edit.preview) queue.shift().resolve(false);
    setTimeout(pump, retryMilliseconds);
    return;
  }
  queue.shift();
  show(answer);
  edit.resolve(answer.ok);
  pump();
}

/** Null when nobody answered. */
async function ask(edit) {
  try {
    const body = edit.body();
    body.set('revision', document.getElementById('revision').value);
    body.set('structure', document.getElementById('shot').dataset.structure ?? '');
    if (edit.preview) body.set('preview', '1');
    // A form of text alone is written and read faster in this way than in parts.
    const response = await fetch(edit.url, { method: 'POST', body: new URLSearchParams(body), headers: { 'HX-Request': 'true', Accept: 'text/html' }, credentials: 'same-origin' });
    return { ok: response.ok, status: response.status, html: await response.text(), preview: edit.preview, fields: edit.fields };
  } catch {
    return null;
  }
}

/** The numbers stand last in an answer, and are the most of it: the browser need not read them as a part of the page. */
const numbers = /<script id="shot-data"[^>]*>([^]*?)<\/script>/;

/**
 * Puts each part of an answer in the place of the one with its name. Parts that say what they said are left alone, so that
 * nothing in them is lost or flickers, and most of the work is saved.
 */
function putInPlace(html) {
  const template = document.createElement('template');
  template.innerHTML = html;
  for (const part of [...template.content.children]) {
    const old = document.getElementById(part.id);
    part.removeAttribute('hx-swap-oob');
    if (!old || old.isEqualNode(part)) continue;
    // What was folded out stays so when its part is drawn again.
    old.querySelectorAll('details[open][id]').forEach(({ id }) => part.querySelector(`#${id}`)?.setAttribute('open', ''));
    old.replaceWith(part);
  }
}

function show({ ok, status, html, preview = false, fields = false }) {
  // Half a number is no mistake yet: the last good plan stays, and nobody is interrupted.
  if (preview && !ok) return;
  if (ok || status === 409 || status === 422) {
    say('');
    const data = html.match(numbers)?.[1];
    putInPlace(html.replace(numbers, ''));
    document.body.dispatchEvent(new CustomEvent('shot-answered', { detail: { ok, status, preview, fields, data: data && JSON.parse(data) } }));
    return;
  }
  say(status === 419
    ? 'This page has been open for too long to save. Note what you changed and open the shot again.'
    : 'Evrent could not do that. Your shot is as it was before; details are in storage/logs.');
}

/** Forms that are told what changed, instead of leaving the page; and a warning before leaving with changes that wait. */
export function listen() {
  document.addEventListener('submit', (event) => {
    const form = event.target.closest('form[data-live]');
    if (!form || event.defaultPrevented) return;
    event.preventDefault();
    const submitter = event.submitter;
    send({ url: form.action, body: () => new FormData(form, submitter) });
  });
  window.addEventListener('beforeunload', (event) => {
    if (queue.some((edit) => !edit.preview)) event.preventDefault();
  });
}
