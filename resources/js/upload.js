import { phrase } from './catalogue.js';

/** What a file says of itself, and the small picture that it keeps, stand in its beginning. */
const headBytes = 512 * 1024;
const atOnce = 6;
const tries = 5;

/**
 * Sends the beginnings of photos that were chosen, some at a time, goes on after a loss where it was, and says how far it is.
 *
 * @param {HTMLFormElement} form with the files, the take, and an output for what is said
 */
export function followUpload(form) {
  const said = form.querySelector('output');
  let cancelled = false;
  form.querySelector('[data-cancel]').addEventListener('click', () => { cancelled = true; });
  form.addEventListener('submit', async (event) => {
    event.preventDefault();
    event.stopImmediatePropagation();
    const files = [...form.querySelectorAll('input[type=file]')].flatMap((input) => [...input.files]);
    const archive = files.find(({ name }) => /\.(zip|rar|7z|tar|gz)$/i.test(name));
    if (files.length === 0) return say(said, phrase('scripts.upload.none'));
    if (archive) return say(said, phrase('scripts.upload.archive', { file: archive.name }));
    cancelled = false;
    form.dataset.sending = 'yes';
    try {
      await sendAll(form, files, said, () => cancelled);
    } catch (failure) {
      say(said, phrase('scripts.upload.again', { why: failure.message }));
    }
    delete form.dataset.sending;
  }, true);
}

async function sendAll(form, files, said, isCancelled) {
  const token = form.querySelector('[name=_token]').value;
  const begun = await asked(form.action, new URLSearchParams({ _token: token, take: form.elements.take.value }));
  const kept = new Set(begun.kept);
  const left = files.filter((file) => !kept.has(pathOf(file)));
  const from = Date.now();
  for (let sent = 0; sent < left.length; sent += atOnce) {
    if (isCancelled()) return say(said, phrase('scripts.upload.stopped', { sent: files.length - left.length + sent, all: files.length }));
    const body = new FormData();
    body.append('_token', token);
    for (const file of left.slice(sent, sent + atOnce)) {
      body.append('names[]', pathOf(file));
      body.append('modified[]', String(Math.floor(file.lastModified / 1000)));
      body.append('heads[]', file.slice(0, headBytes), file.name);
    }
    await asked(begun.heads, body);
    const done = Math.min(left.length, sent + atOnce);
    const seconds = Math.round((Date.now() - from) / 1000 * (left.length - done) / done);
    say(said, phrase(done < left.length ? 'scripts.upload.sending' : 'scripts.upload.sent', { sent: files.length - left.length + done, all: files.length, seconds }));
  }
  const { page } = await asked(begun.sent, new URLSearchParams({ _token: token }));
  window.location.assign(page);
  return null;
}

const pathOf = (file) => file.webkitRelativePath || file.name;

function say(said, words) {
  said.textContent = words;
}

/** Asked again where nobody answers; what is refused is said. */
async function asked(url, body) {
  for (let attempt = 1; ; attempt++) {
    const answer = await fetch(url, { method: 'POST', body, headers: { Accept: 'application/json' } }).catch(() => null);
    if (answer?.ok) return answer.json();
    if (answer && answer.status < 500 && answer.status !== 429) throw new Error((await answer.json().catch(() => ({}))).message ?? phrase('scripts.upload.refused'));
    if (attempt === tries) throw new Error(phrase('scripts.all.no_answer'));
    await new Promise((resolve) => { setTimeout(resolve, 500 * 2 ** attempt); });
  }
}
