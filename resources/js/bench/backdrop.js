import { projector } from './projection.js';
import { phrase } from '../catalogue.js';

/**
 * Photos from the ends of the move in place of the finder's drawing. The server says where their points lie in space; what is done here is to draw what is
 * between them.
 */
const steepness = 1.5;
const mostWidth = 1_600;

/** A triangle of a picture, drawn where its corners fall. */
function triangle(context, picture, from, to) {
  const [[u0, v0], [u1, v1], [u2, v2]] = from;
  const [[x0, y0], [x1, y1], [x2, y2]] = to;
  const area = (u1 - u0) * (v2 - v0) - (u2 - u0) * (v1 - v0);
  const middle = [(x0 + x1 + x2) / 3, (y0 + y1 + y2) / 3];
  context.save();
  context.beginPath();
  // A little larger, or the seams between them show.
  for (const [x, y] of to) {
    const [across, down] = [x - middle[0], y - middle[1]];
    const more = 1 + 0.7 / Math.max(1, Math.hypot(across, down));
    context.lineTo(middle[0] + across * more, middle[1] + down * more);
  }
  context.closePath();
  context.clip();
  const a = ((x1 - x0) * (v2 - v0) - (x2 - x0) * (v1 - v0)) / area;
  const b = ((y1 - y0) * (v2 - v0) - (y2 - y0) * (v1 - v0)) / area;
  const c = ((x2 - x0) * (u1 - u0) - (x1 - x0) * (u2 - u0)) / area;
  const d = ((y2 - y0) * (u1 - u0) - (y1 - y0) * (u2 - u0)) / area;
  context.transform(a, b, c, d, x0 - a * u0 - c * v0, y0 - b * u0 - d * v0);
  context.drawImage(picture, 0, 0);
  context.restore();
}

/** One photo as it falls in the frame, on a layer of its own. */
function layer(layers, n, { picture, points }, { columns, rows }, project, [width, height, ratio]) {
  layers[n] ??= document.createElement('canvas');
  const canvas = layers[n];
  [canvas.width, canvas.height] = [Math.round(width * ratio), Math.round(height * ratio)];
  const context = canvas.getContext('2d');
  context.setTransform(ratio, 0, 0, ratio, 0, 0);
  const places = points.map(([x, y, z]) => {
    const place = project({ x, y, z });
    return place && [width * (0.5 + place[0] / 2), height * (0.5 - place[1] / 2)];
  });
  const at = (column, row) => [(picture.width * column) / columns, (picture.height * row) / rows];
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const corners = [[column, row], [column + 1, row], [column + 1, row + 1], [column, row + 1]];
      const seen = corners.map(([c, r]) => places[r * (columns + 1) + c]);
      if (seen.some((place) => !place)) continue;
      const [xs, ys] = [0, 1].map((n) => seen.map((place) => place[n]));
      if (Math.max(...xs) < 0 || Math.min(...xs) > width || Math.max(...ys) < 0 || Math.min(...ys) > height) continue;
      const from = corners.map(([c, r]) => at(c, r));
      triangle(context, picture, [from[0], from[1], from[2]], [seen[0], seen[1], seen[2]]);
      triangle(context, picture, [from[0], from[2], from[3]], [seen[0], seen[2], seen[3]]);
    }
  }
  return canvas;
}

/** How far the middle of a photo is from the middle of what is seen now. */
const distance = ({ points }, { columns, rows }, project) => {
  const [x, y, z] = points[(rows / 2) * (columns + 1) + columns / 2];
  const place = project({ x, y, z });
  return place ? Math.hypot(...place) : 100;
};

/** What the finder draws in place of its scene. */
function backdrop(told) {
  const layers = [];
  return {
    draw(context, pose, lens, width, height) {
      const size = [width, height, window.devicePixelRatio || 1];
      const draw = (canvas) => context.drawImage(canvas, 0, 0, width, height);
      const project = projector(pose, lens);
      const [near, far] = told.photos
        .map((photo) => ({ photo, off: distance(photo, told, project) }))
        .sort((one, other) => one.off - other.off);
      const nearer = layer(layers, 0, near.photo, told, project, size);
      draw(nearer);
      if (!far) return;
      draw(layer(layers, 1, far.photo, told, project, size));
      // Half-way between the two, each shows through the other; nearer to one, that one alone. What only one of them shows is of that one.
      context.globalAlpha = Math.min(1, 0.5 + (steepness * (far.off - near.off)) / Math.max(1e-6, far.off + near.off));
      draw(nearer);
      context.globalAlpha = 1;
    },
    close: () => told.photos.forEach(({ picture }) => picture.close()),
  };
}

/** A photo as large as is kept: what a camera writes is larger than is taken. What is none is told by the server. */
async function scaled(file) {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture || picture.width <= mostWidth) return file;
  const canvas = Object.assign(document.createElement('canvas'), { width: mostWidth, height: Math.round((picture.height * mostWidth) / picture.width) });
  canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((done) => { canvas.toBlob((blob) => done(blob ?? file), 'image/jpeg', 0.85); });
}

export function followBackdrop(bench) {
  const root = () => document.getElementById('backdrop');
  let shown = null;

  const hide = () => {
    shown?.close();
    shown = null;
    bench.setBackdrop(null);
  };
  const show = async () => {
    const told = await (await fetch(root().dataset.at, { headers: { Accept: 'application/json', 'HX-Request': 'true' }, credentials: 'same-origin' })).json();
    const pictures = await Promise.all(told.photos.map(async ({ src }) => createImageBitmap(await (await fetch(src, { credentials: 'same-origin' })).blob())));
    hide();
    if (pictures.length === 0) return;
    told.photos.forEach((photo, n) => { photo.picture = pictures[n]; });
    shown = backdrop(told);
    bench.setBackdrop(shown);
  };
  const press = () => {
    const button = root().querySelector('[data-show-photos]');
    button.setAttribute('aria-pressed', shown ? 'true' : 'false');
    button.textContent = phrase(shown ? 'scripts.bench.hide_photos' : 'scripts.bench.show_photos');
  };

  const tellWhy = () => { root().querySelector('.problem').textContent = phrase('scripts.bench.no_photos'); };

  /** The part comes back as it is now; what was shown is shown anew. */
  const send = async (url, values) => {
    const body = values instanceof FormData ? values : new FormData();
    if (body !== values) Object.entries(values).forEach(([name, value]) => body.append(name, value));
    const response = await fetch(url, { method: 'POST', body, headers: { 'HX-Request': 'true' }, credentials: 'same-origin' }).catch(() => null);
    const html = response && (response.ok || response.status === 422) ? await response.text() : '';
    if (!html.includes('id="backdrop"')) {
      root().querySelector('.problem').textContent = phrase(response?.status === 413 ? 'scripts.all.too_large' : 'scripts.all.try_again');
      return;
    }
    const had = shown !== null;
    root().outerHTML = html;
    root().open = true;
    if (had || response.ok) await show().catch(tellWhy);
    press();
  };

  document.addEventListener('click', async ({ target }) => {
    const keep = target.closest?.('#backdrop [data-keep]');
    if (keep) {
      const chosen = (id) => document.getElementById(id)?.value ?? '';
      await send(root().querySelector('form[enctype]').action, { end: keep.dataset.keep, from: keep.dataset.from, camera: chosen('live-camera'), rig: chosen('rig-choice') });
    } else if (target.closest?.('#backdrop [data-show-photos]')) {
      if (shown) hide();
      else await show().catch(tellWhy);
      press();
    }
  });
  document.addEventListener('submit', (event) => {
    if (!event.target.closest?.('#backdrop')) return;
    event.preventDefault();
    send(event.target.action, new FormData(event.target));
  });
  document.addEventListener('change', async ({ target }) => {
    const form = target.closest?.('#backdrop form[enctype]');
    if (!form || !target.files?.length) return;
    const values = new FormData(form);
    values.set('photo', await scaled(target.files[0]), target.files[0].name);
    send(form.action, values);
  });
}
