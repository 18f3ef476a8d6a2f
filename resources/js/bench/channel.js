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
 * @param {{url: string, body: () => FormData, preview?: boolean}} edit body is made when it is sent, with what stands in the
 *   fields by then
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
    const response = await fetch(edit.url, { method: 'POST', body, headers: { 'HX-Request': 'true', Accept: 'text/html' }, credentials: 'same-origin' });
    return { ok: response.ok, status: response.status, html: await response.text(), preview: edit.preview };
  } catch {
    return null;
  }
}

function show({ ok, status, html }) {
  if (ok || status === 409 || status === 422) {
    say('');
    // What was folded out stays so when its part is drawn again.
    const open = [...document.querySelectorAll('details[open][id]')].map((details) => details.id);
    window.htmx.swap(document.body, html, { swapStyle: 'none' });
    open.forEach((id) => document.getElementById(id)?.setAttribute('open', ''));
    document.body.dispatchEvent(new CustomEvent('shot-answered', { detail: { ok, status } }));
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
