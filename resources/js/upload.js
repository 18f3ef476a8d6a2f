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
    if (files.length === 0) return say(said, 'Choose photos, or a whole folder, first.');
    if (archive) return say(said, `${archive.name} is an archive. Unpack it first, and choose the folder that it makes.`);
    cancelled = false;
    form.dataset.sending = 'yes';
    try {
      await sendAll(form, files, said, () => cancelled);
    } catch (failure) {
      say(said, `${failure.message} What was sent is kept: press Send again, and it goes on from there.`);
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
    if (isCancelled()) return say(said, `Stopped after ${files.length - left.length + sent} of ${files.length}. Press Send to go on.`);
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
    say(said, `${files.length - left.length + done} of ${files.length} sent${done < left.length ? `, about ${seconds} s to go` : ''}`);
  }
  const { page } = await asked(begun.sent, new URLSearchParams({ _token: token }));
  window.location.assign(page);
  return null;
}

const pathOf = (file) => file.webkitRelativePath || file.name;

function say(said, text) {
  said.textContent = text;
}

/** Asked again where nobody answers; what is refused is said. */
async function asked(url, body) {
  for (let attempt = 1; ; attempt++) {
    const answer = await fetch(url, { method: 'POST', body, headers: { Accept: 'application/json' } }).catch(() => null);
    if (answer?.ok) return answer.json();
    if (answer && answer.status < 500 && answer.status !== 429) throw new Error((await answer.json().catch(() => ({}))).message ?? 'Evrent did not take them.');
    if (attempt === tries) throw new Error('Evrent does not answer.');
    await new Promise((resolve) => { setTimeout(resolve, 500 * 2 ** attempt); });
  }
}
