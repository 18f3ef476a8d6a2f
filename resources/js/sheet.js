import { phrase } from './catalogue.js';

const marks = { s: 'spoilt', k: 'pick', u: '' };

/**
 * Photos on the stairs: of thousands only those in view are there. Arrows go from photo to photo, one letter marks the one in focus or the span
 * that was taken in with Shift; one that stands in the wrong place is dragged to its own. What is typed in a field is left alone.
 */
export function followSheet() {
  const sheet = document.querySelector('[data-contact-sheet]');
  const stairs = new Stairs(sheet);
  const span = new Span(sheet);
  followScrolling(sheet, stairs);
  followKeys(sheet, stairs, span);
  followDragging(stairs);
  sheet.addEventListener('mousedown', (event) => {
    const photo = event.target.closest('[data-number]');
    if (!photo || event.target.closest('a')) return;
    if (event.shiftKey) event.preventDefault();
    span.reach(Number(photo.dataset.number), event.shiftKey);
  });
}

/** The parts of the sheet that are there: those in view, and one on either side. */
class Stairs {
  constructor(sheet) {
    this.sheet = sheet;
    this.run = sheet.firstElementChild;
    this.photos = Number(sheet.dataset.photos);
    this.atOnce = Number(sheet.dataset.atOnce);
    this.asked = new Map();
  }

  get tread() {
    return this.run.offsetWidth / this.photos;
  }

  part(number) {
    return this.run.querySelector(`[data-from="${this.begins(number)}"]`);
  }

  begins(number) {
    return number - ((number - 1) % this.atOnce);
  }

  /** @param {number} number of a photo: scrolled to, and there as soon as it can be */
  async goTo(number) {
    this.sheet.scrollLeft = (number - 0.5) * this.tread - this.sheet.clientWidth / 2;
    await this.show();
    return this.run.querySelector(`[data-number="${number}"]`);
  }

  async show() {
    const first = Math.floor(this.sheet.scrollLeft / this.tread) + 1;
    const last = Math.ceil((this.sheet.scrollLeft + this.sheet.clientWidth) / this.tread);
    const wanted = [];
    for (let from = this.begins(Math.max(1, first - this.atOnce)); from <= Math.min(this.photos, last + this.atOnce); from += this.atOnce) wanted.push(from);
    for (const part of this.run.querySelectorAll('.stairs-part')) {
      // The one in focus stays: where the keys go from would be lost.
      if (!wanted.includes(Number(part.dataset.from)) && !part.contains(document.activeElement)) part.remove();
    }
    for (const [from, asked] of this.asked) {
      if (wanted.includes(from)) continue;
      asked.broken.abort();
      // At once: who wants it again before it has ended asks anew.
      this.asked.delete(from);
    }
    await Promise.all(wanted.map((from) => this.load(from)));
  }

  load(from) {
    if (this.part(from)) return null;
    if (!this.asked.has(from)) {
      const asked = { broken: new AbortController() };
      asked.done = this.fetched(from, asked.broken.signal).finally(() => {
        if (this.asked.get(from) === asked) this.asked.delete(from);
      });
      this.asked.set(from, asked);
    }
    return this.asked.get(from).done;
  }

  async fetched(from, signal) {
    const answer = await fetch(this.sheet.dataset.more.replace(/\/0$/, `/${from}`), { signal, headers: { Accept: 'text/html' } }).catch(() => null);
    // Out of view again, or off the line: asked for once more when it is scrolled to.
    if (!answer?.ok) return;
    const html = await answer.text().catch(() => '');
    if (!signal.aborted && !this.part(from)) this.run.insertAdjacentHTML('beforeend', html);
  }
}

/** Photos that are taken in together, shown by the fields that say the same. */
class Span {
  constructor(sheet) {
    this.sheet = sheet;
    this.anchor = null;
    this.end = null;
  }

  reach(number, isFurther) {
    this.anchor = isFurther ? this.anchor ?? number : number;
    this.end = number;
    const [from, to] = this.ends();
    document.querySelector('#mark-from').value = from;
    document.querySelector('#mark-to').value = from === to ? '' : to;
    for (const photo of this.sheet.querySelectorAll('[data-number]')) {
      photo.classList.toggle('is-chosen', from !== to && photo.dataset.number >= from && photo.dataset.number <= to);
    }
  }

  has(number) {
    const [from, to] = this.ends();
    return this.anchor !== null && number >= from && number <= to;
  }

  ends() {
    return [Math.min(this.anchor, this.end), Math.max(this.anchor, this.end)];
  }
}

function followScrolling(sheet, stairs) {
  const slider = document.querySelector('[data-go-to]');
  let waits = false;
  sheet.addEventListener('scroll', () => {
    if (waits) return;
    waits = true;
    requestAnimationFrame(() => {
      waits = false;
      if (document.activeElement !== slider) slider.value = Math.round((sheet.scrollLeft + sheet.clientWidth / 2) / stairs.tread + 0.5);
      stairs.show();
    });
  }, { passive: true });
  slider.addEventListener('input', () => stairs.goTo(Number(slider.value)));
  const asked = () => {
    const number = Number(/^#photo-(\d+)$/.exec(location.hash)?.[1]);
    if (number >= 1 && number <= stairs.photos) stairs.goTo(number).then((photo) => photo?.focus());
  };
  window.addEventListener('hashchange', asked);
  // The slider may have been moved before anybody listened, or by the browser that comes back to the page.
  if (Number(slider.value) > 1) stairs.goTo(Number(slider.value));
  asked();
  stairs.show();
}

function followKeys(sheet, stairs, span) {
  sheet.addEventListener('keydown', async (event) => {
    const photo = event.target.closest('[data-number]');
    if (!photo || event.ctrlKey || event.metaKey || event.altKey) return;
    const number = Number(photo.dataset.number);
    const to = { ArrowRight: number + 1, ArrowLeft: number - 1, PageDown: number + 10, PageUp: number - 10, Home: 1, End: stairs.photos }[event.key];
    if (to !== undefined) {
      event.preventDefault();
      const there = Math.max(1, Math.min(stairs.photos, to));
      span.reach(there, event.shiftKey);
      (await stairs.goTo(there))?.focus({ preventScroll: true });
      return;
    }
    if (event.key === 'Enter' && event.target === photo) {
      photo.querySelector('a')?.click();
      return;
    }
    if (event.key.toLowerCase() === 'm' && photo.dataset.file) {
      event.preventDefault();
      toPlace(photo.dataset.file, '');
      return;
    }
    const mark = marks[event.key.toLowerCase()];
    if (mark === undefined) return;
    event.preventDefault();
    await send(sheet, span.has(number) ? span.ends() : [number, number], mark);
  });
}

async function send(sheet, [from, to], mark) {
  const token = document.querySelector('#mark-photos [name=_token]').value;
  // Why, where the field says it.
  const why = mark === '' ? '' : document.querySelector('#mark-why').value;
  const values = new URLSearchParams({ _token: token, _method: 'put', from, to, why, mark });
  const answer = await fetch(sheet.dataset.contactSheet, { method: 'POST', body: values, headers: { Accept: 'text/html' } }).catch(() => null);
  for (const photo of sheet.querySelectorAll('[data-number]')) {
    if (photo.dataset.number < from || photo.dataset.number > to) continue;
    // What was not kept is not shown as if it were.
    photo.querySelector('.mark').textContent = answer?.ok ? `${mark ? phrase(`scripts.photos.mark_${mark}`) : ''} ${why}`.trim() : phrase('scripts.photos.not_saved');
    if (answer?.ok) photo.dataset.mark = mark;
  }
}

/** What was dragged is sent by the form that can be typed as well. */
function followDragging(stairs) {
  const over = (event) => event.target.closest?.('[data-contact-sheet] [data-number]');
  let dragged = null;
  document.addEventListener('dragstart', (event) => {
    dragged = event.target.closest?.('.contact[data-file]');
    event.dataTransfer?.setData('text/plain', dragged?.dataset.file ?? '');
  });
  document.addEventListener('dragover', (event) => {
    if (!dragged || !over(event)) return;
    event.preventDefault();
    document.querySelectorAll('.is-over').forEach((photo) => photo.classList.remove('is-over'));
    over(event).classList.add('is-over');
  });
  document.addEventListener('drop', (event) => {
    const place = over(event);
    if (!dragged || !place || place === dragged) return;
    event.preventDefault();
    toPlace(dragged.dataset.file, place.dataset.number);
    document.querySelector('#place-one form').requestSubmit();
  });
  document.addEventListener('dragend', () => {
    dragged = null;
    document.querySelectorAll('.is-over').forEach((photo) => photo.classList.remove('is-over'));
    stairs.show();
  });
}

function toPlace(file, number) {
  document.querySelector('#place-one').open = true;
  document.querySelector('#place-file').value = file;
  document.querySelector('#place-number').value = number;
  if (number === '') document.querySelector('#place-number').focus();
}
