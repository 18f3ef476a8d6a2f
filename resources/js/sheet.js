const marks = { s: 'spoilt', k: 'pick', u: '' };
const words = { spoilt: 'spoilt', pick: 'a still to keep', '': '' };

/**
 * The contact sheet by keys: arrows go from photo to photo, one letter marks the one in focus. What is typed in a field is left alone.
 */
export function followSheet() {
  const sheet = document.querySelector('[data-contact-sheet]');
  sheet.addEventListener('keydown', async (event) => {
    const photo = event.target.closest('[data-number]');
    if (!photo || event.ctrlKey || event.metaKey || event.altKey) return;
    const to = { ArrowRight: photo.nextElementSibling, ArrowLeft: photo.previousElementSibling }[event.key];
    if (to) {
      to.focus();
      event.preventDefault();
      return;
    }
    if (event.key === 'Enter' && event.target === photo) {
      photo.querySelector('a')?.click();
      return;
    }
    const mark = marks[event.key.toLowerCase()];
    if (mark === undefined) return;
    event.preventDefault();
    await send(sheet.dataset.contactSheet, photo, mark);
  });
}

async function send(url, photo, mark) {
  const values = new URLSearchParams({ _token: document.querySelector('#mark-photos [name=_token]').value, _method: 'put', from: photo.dataset.number, to: '', why: '', mark });
  const answer = await fetch(url, { method: 'POST', body: values, headers: { Accept: 'text/html' } }).catch(() => null);
  // What was not kept is not shown as if it were.
  const said = photo.querySelector('.mark');
  if (!answer?.ok) {
    said.textContent = 'not kept: try again';
    return;
  }
  photo.dataset.mark = mark;
  said.textContent = words[mark];
}
