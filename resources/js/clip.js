import { phrase } from './catalogue.js';

const clamp = (value, least, most) => Math.min(most, Math.max(least, value));
const field = (id) => document.getElementById(id);

/** Stakes and bars on the strip, and crops on pictures, are dragged; what they come to is put into the fields that can be typed in as well. */
export function followClip() {
  document.addEventListener('pointerdown', (event) => {
    const handle = event.target.closest?.('[data-drag]');
    const photo = event.target.closest?.('[data-crop]');
    if (event.button !== 0 || (!handle && !photo)) return;
    event.preventDefault();
    if (handle) dragOnStrip(event, handle);
    else dragCrop(event, photo);
  });
  followProxy();
}

/** Follows the pointer until it is let go, or lost: what it came to until then counts. */
function follow(event, move, end) {
  const { pointerId } = event;
  const is = ({ pointerId: other }) => other === pointerId;
  const moved = (next) => { if (is(next)) move(next); };
  const stop = (last) => {
    if (!is(last)) return;
    document.removeEventListener('pointermove', moved);
    document.removeEventListener('pointerup', stop);
    document.removeEventListener('pointercancel', stop);
    end();
  };
  document.addEventListener('pointermove', moved);
  document.addEventListener('pointerup', stop);
  document.addEventListener('pointercancel', stop);
}

function put(values) {
  let last = null;
  for (const [id, value] of Object.entries(values)) {
    if (field(id).value === String(value)) continue;
    field(id).value = value;
    field(id).dispatchEvent(new Event('input', { bubbles: true }));
    last = field(id);
  }
  last?.dispatchEvent(new Event('change', { bubbles: true }));
}

function dragOnStrip(event, handle) {
  const strip = handle.closest('[data-strip]');
  const photos = Number(strip.dataset.photos);
  const { left, width } = strip.querySelector('.strip-photos').getBoundingClientRect();
  const { drag, n } = handle.dataset;
  const bar = handle.closest('.strip-span');
  // The photo whose place the pointer is on; its left edge begins it, its right edge ends it.
  const edge = (at) => clamp(Math.round(((at.clientX - left) / width) * photos), 0, photos);
  const from = () => Number(field(`span-from-${n}`).value);
  const to = () => Number(field(`span-to-${n}`).value);
  const begun = edge(event);
  const says = strip.querySelector('.strip-says');
  const asPercent = (photo) => `${(photo / photos) * 100}%`;
  let values = {};
  follow(event, (at) => {
    if (drag === 'in') {
      const first = clamp(edge(at) + 1, 1, Number(field('clip-out').value || photos));
      values = { 'clip-in': first === 1 ? '' : first };
      handle.style.left = asPercent(first - 1);
      says.textContent = phrase('scripts.clip.first', { photo: first });
      return;
    }
    if (drag === 'out') {
      const last = clamp(edge(at), Number(field('clip-in').value || 1), photos);
      values = { 'clip-out': last === photos ? '' : last };
      handle.style.left = asPercent(last);
      says.textContent = phrase('scripts.clip.last', { photo: last });
      return;
    }
    const by = drag === 'span' ? clamp(edge(at) - begun, 1 - from(), photos - to()) : 0;
    const first = drag === 'from' ? clamp(edge(at) + 1, 1, to()) : from() + by;
    const last = drag === 'to' ? clamp(edge(at), from(), photos) : to() + by;
    values = { [`span-from-${n}`]: first, [`span-to-${n}`]: last };
    bar.style.left = asPercent(first - 1);
    bar.style.width = asPercent(last - first + 1);
    says.textContent = `photos ${first} to ${last}`;
  }, () => put(values));
}

function dragCrop(event, photo) {
  const name = photo.dataset.crop;
  const box = photo.querySelector('.crop-box');
  const frame = photo.getBoundingClientRect();
  const was = box.getBoundingClientRect();
  const isCorner = event.target.matches('[data-corner]');
  let values = {};
  const percent = (share) => Math.round(share * 1000) / 10;
  follow(event, (at) => {
    let { width, height } = was;
    let [x, y] = [was.left + width / 2, was.top + height / 2];
    if (isCorner) {
      // As wide as its corner is from its middle, and no wider than fits around it.
      const most = Math.min(x - frame.left, frame.right - x, ((y - frame.top) * width) / height, ((frame.bottom - y) * width) / height) * 2;
      const wide = clamp(2 * (at.clientX - x), frame.width / 20, most);
      [width, height] = [wide, (wide * height) / width];
    } else {
      x = clamp(x + at.clientX - event.clientX, frame.left + width / 2, frame.right - width / 2);
      y = clamp(y + at.clientY - event.clientY, frame.top + height / 2, frame.bottom - height / 2);
    }
    Object.assign(box.style, {
      left: `${percent((x - width / 2 - frame.left) / frame.width)}%`, top: `${percent((y - height / 2 - frame.top) / frame.height)}%`,
      width: `${percent(width / frame.width)}%`, height: `${percent(height / frame.height)}%`,
    });
    values = isCorner
      ? { [`clip-${name}_width`]: Math.floor((width / frame.width) * 1000) / 10 }
      : { [`clip-${name}_x`]: percent((x - frame.left) / frame.width), [`clip-${name}_y`]: percent((y - frame.top) / frame.height) };
  }, () => put(values));
}

function followProxy() {
  const part = document.querySelector('[data-proxy]');
  const film = part.querySelector('.clip-film');
  const video = film.querySelector('video');
  const says = part.querySelector('output');
  part.addEventListener('click', async ({ target }) => {
    const button = target.closest('[data-play]');
    if (!button) return;
    says.textContent = phrase('scripts.clip.rendering');
    part.querySelectorAll('[data-play]').forEach((one) => one.setAttribute('aria-pressed', String(one === button)));
    const url = `${part.dataset.proxy}?level=${button.dataset.play}`;
    // Asked first, so that what is wrong is told in words; the film itself is there then.
    const answer = await fetch(url, { headers: { Range: 'bytes=0-1' } }).catch(() => null);
    if (!answer?.ok) {
      says.textContent = answer?.status === 422 ? await answer.text() : phrase('scripts.all.try_again');
      return;
    }
    says.textContent = '';
    film.hidden = false;
    const at = video.currentTime;
    video.src = `${url}&at=${Date.now()}`;
    video.addEventListener('loadedmetadata', () => { video.currentTime = Math.min(at, video.duration || 0); }, { once: true });
    video.play().catch(() => {});
  });
}
