import { phrase } from '../catalogue.js';

/**
 * Made-up places to look at, of near, middle and far things at the distances of the picture: a shore, a street, hills, a room. Metres:
 * x to the right, y up from the camera's height, z ahead at pan 0.
 */

/** The camera stands at this height above the ground. */
const eyeMetres = 1.6;

const onRing = (bearingDegrees, metres, aboutX) => {
  const radians = (bearingDegrees * Math.PI) / 180;
  return { x: aboutX + Math.sin(radians) * metres, z: Math.cos(radians) * metres };
};

const box = (left, right, low, high) => [[left, low], [left, high], [right, high], [right, low]];

// Outlines in units of their own size, from their foot.
const stake = [[-0.05, 0], [-0.05, 1], [0, 1.08], [0.05, 1], [0.05, 0]];
const mill = [[-0.9, 0], [-0.9, 0.55], [-0.55, 0.8], [-0.2, 0.55], [-0.2, 0.95], [0.25, 1.3], [0.7, 0.95], [0.7, 0], [0.35, 0], [0.35, 0.32], [0.1, 0.32], [0.1, 0]];
const shed = [[-0.5, 0], [-0.5, 0.3], [0, 0.5], [0.5, 0.3], [0.5, 0]];
const boat = [[-0.5, 0.12], [-0.38, 0], [0.36, 0], [0.5, 0.14], [0.06, 0.12], [0.06, 0.7], [-0.3, 0.16], [0.06, 0.16], [0.06, 0.12]];
const pumpHouse = [[-0.4, 0], [-0.4, 0.6], [0.1, 0.6], [0.1, 1.6], [0.22, 1.6], [0.22, 0.6], [0.4, 0.6], [0.4, 0]];
const lampPost = [[-0.02, 0], [-0.02, 1.05], [0.14, 1.08], [0.14, 1.13], [-0.06, 1.13], [-0.06, 0]];
const house = [[-0.5, 0], [-0.5, 0.7], [0, 1], [0.5, 0.7], [0.5, 0], [0.12, 0], [0.12, 0.3], [-0.08, 0.3], [-0.08, 0]];
const flats = [[-0.45, 0], [-0.45, 1.2], [0.45, 1.2], [0.45, 0]];
const tower = [[-0.25, 0], [-0.25, 1.5], [-0.05, 1.5], [0, 1.9], [0.05, 1.5], [0.25, 1.5], [0.25, 0]];
const cart = [[-0.5, 0.12], [-0.5, 0.4], [-0.1, 0.5], [0.3, 0.42], [0.5, 0.3], [0.5, 0.12]];
const rock = [[-0.5, 0], [-0.42, 0.35], [-0.1, 0.6], [0.2, 0.5], [0.5, 0.15], [0.55, 0]];
const hut = [[-0.5, 0], [-0.5, 0.4], [-0.62, 0.38], [0, 0.85], [0.62, 0.38], [0.5, 0.4], [0.5, 0]];
const fir = [[-0.05, 0], [-0.05, 0.2], [-0.3, 0.2], [-0.1, 0.6], [-0.2, 0.6], [0, 1.1], [0.2, 0.6], [0.1, 0.6], [0.3, 0.2], [0.05, 0.2], [0.05, 0]];
const walker = [[-0.1, 0], [-0.02, 0.5], [-0.12, 0.8], [0, 1], [0.12, 0.8], [0.04, 0.5], [0.14, 0]];
const cup = [[-0.3, 0], [-0.35, 0.7], [0.35, 0.7], [0.5, 0.55], [0.5, 0.3], [0.32, 0.2], [0.3, 0]];
const plant = [[-0.22, 0], [-0.28, 0.4], [-0.05, 0.4], [-0.6, 0.9], [-0.03, 0.6], [-0.2, 1.3], [0.04, 0.7], [0.35, 1.25], [0.05, 0.55], [0.6, 0.75], [0.06, 0.4], [0.28, 0.4], [0.22, 0]];

/** A ridge that is always the same, as a share of its distance. */
const ridge = (degrees, high, turn) => high * (0.5 + 0.25 * Math.sin(degrees * 0.11 + turn) + 0.15 * Math.sin(degrees * 0.37 + 1 + turn) + 0.1 * Math.sin(degrees * 1.3 + turn));

/**
 * @param {object} lens with the scene's name and distances in metres
 * @param {number} aheadDegrees where the subject stands
 * @param {number} aboutX where the middle of the slide is
 */
export function scene(lens, aheadDegrees, aboutX) {
  const things = [];
  const { foreground_m: near, subject_m: middle, background_m: far } = lens;

  /** A flat outline, seen square on from the camera's place. */
  const stand = (outline, degrees, metres, size, look, base = -eyeMetres) => {
    const centre = onRing(aheadDegrees + degrees, metres, aboutX);
    const radians = ((aheadDegrees + degrees) * Math.PI) / 180;
    const points = outline.map(([across, up]) => ({ x: centre.x + Math.cos(radians) * across * size, y: base + up * size, z: centre.z - Math.sin(radians) * across * size }));
    things.push({ points, closed: true, ...look });
  };
  const ridges = (metres, high, turn, fill) => {
    for (let degrees = -180; degrees < 180; degrees += 3) {
      const [a, b] = [degrees, degrees + 3].map((at) => ({ ...onRing(aheadDegrees + at, metres, aboutX), y: ridge(at, high, turn) * metres }));
      things.push({ points: [{ ...a, y: 0 }, a, b, { ...b, y: 0 }], closed: true, fill, line: fill });
    }
  };
  const lineOnGround = (metres, line = 'horizon') => {
    const points = [];
    for (let degrees = -80; degrees <= 80; degrees += 8) points.push({ ...onRing(aheadDegrees + degrees, metres, aboutX), y: -eyeMetres });
    things.push({ points, closed: false, line });
  };
  const every = (places, draw) => places.forEach((degrees) => draw(degrees));
  // Near things are as high as their distance makes them fill a third of the picture.
  const nearRow = (outline, step, size = near * 0.36) => {
    for (let degrees = -84; degrees <= 84; degrees += step) stand(outline, degrees + step / 2, near, size, { fill: 'stake', line: 'near', near: true }, -Math.max(near * 0.34, 0.05));
  };
  const size = middle * 0.22;
  const moves = lens.subject_speed_m_s > 0;

  const drawn = {
    shore() {
      ridges(far, 0.045, 0, 'hills');
      every([-75, -28, 22, 70], (at) => stand(pumpHouse, at, far, far * 0.05, { fill: 'far', line: 'far' }, 0));
      every([middle * 0.75, middle * 0.45, near * 1.6], (metres) => lineOnGround(metres));
      every([-64, -38, 36, 62], (at) => stand(shed, at, middle * 1.1, size, { fill: 'shed', line: 'line' }));
      stand(mill, 0, middle, size, { fill: 'mill', line: 'line', weight: 1.6, name: phrase('scripts.bench.mill') });
      if (moves) stand(boat, 0, middle * 0.98, size * 0.5, { fill: 'boat', line: 'line', speed: true });
      nearRow(stake, 14);
    },
    street() {
      every([-70, -44, -20, 9, 31, 58], (at) => stand(tower, at, far, far * 0.09, { fill: 'far', line: 'far' }, -eyeMetres));
      every([-60, -33, 34, 61], (at) => stand(flats, at, middle * 1.15, size * 0.9, { fill: 'hills', line: 'line' }));
      every([-47, -20, 20, 47], (at) => stand(house, at, middle * 1.05, size, { fill: 'shed', line: 'line' }));
      stand(house, 0, middle, size * 1.15, { fill: 'mill', line: 'line', weight: 1.6, name: phrase('scripts.bench.house') });
      every([middle * 0.8, middle * 0.5, near * 1.4], (metres) => lineOnGround(metres));
      if (moves) stand(cart, 0, middle * 0.8, size * 0.45, { fill: 'boat', line: 'line', speed: true });
      nearRow(lampPost, 21, near * 0.5);
    },
    hills() {
      ridges(far, 0.16, 0, 'hills');
      ridges((far + middle) / 2, 0.07, 2, 'far');
      every([-52, -46, -31, 24, 33, 57], (at) => stand(fir, at, middle * 1.1, size * 0.9, { fill: 'shed', line: 'line' }));
      stand(hut, 0, middle, size * 0.8, { fill: 'mill', line: 'line', weight: 1.6, name: phrase('scripts.bench.hut') });
      every([middle * 0.6, near * 1.8], (metres) => lineOnGround(metres));
      if (moves) stand(walker, 0, middle * 0.95, Math.min(size * 0.4, 1.8), { fill: 'boat', line: 'line', speed: true });
      nearRow(rock, 24, near * 0.26);
    },
    room() {
      const wall = { fill: 'hills', line: 'line' };
      every([-80, -40, 0, 40, 80], (at) => stand(box(-0.42, 0.42, 0, 1), at, far, far * 0.84, wall, -0.75));
      every([-34, 14], (at) => stand(box(-0.12, 0.12, 0.4, 0.8), at, far * 0.99, far * 0.6, { fill: 'sky', line: 'line' }, -0.4));
      const table = -0.35;
      stand(box(-1.6, 1.6, -0.12, 0), 0, middle * 1.02, middle * 0.5, { fill: 'shed', line: 'line' }, table);
      every([-26, 24], (at) => stand(cup, at, middle * 1.01, size * 0.4, { fill: 'far', line: 'line' }, table));
      stand(plant, 0, middle, size, { fill: 'mill', line: 'line', weight: 1.6, name: phrase('scripts.bench.plant') }, table);
      if (moves) stand(box(-0.1, 0.1, 0, 0.5), 0, middle * 0.97, size * 0.5, { fill: 'boat', line: 'line', speed: true }, table);
      nearRow(cup, 26, near * 0.2);
    },
  };
  (drawn[lens.scene] ?? drawn.shore)();
  return things;
}

const names = {
  sky: '--scene-sky', ground: '--scene-ground', horizon: '--scene-horizon', hills: '--scene-hills', far: '--scene-far', shed: '--scene-shed', mill: '--scene-mill',
  boat: '--light', stake: '--scene-stake', near: '--scene-near', line: '--scene-line', ghost: '--scene-ghost', shade: '--scene-shade', frame: '--scene-frame',
  'sky-sun': '--sky-sun', 'sky-moon': '--sky-moon', 'sky-line': '--sky-line',
};

/** The same in the dark: what is near is still made out. */
export function inTheDark(colours, darkness) {
  const share = Math.round(darkness * 10) * 8;
  if (share === 0 || sceneColours.look === 'night') return colours;
  inTheDark.kept ??= {};
  const key = `${sceneColours.look} ${share}`;
  const light = new Set(['frame', 'shade', 'ghost', 'sky-sun', 'sky-moon', 'sky-line']);
  return (inTheDark.kept[key] ??= {
    ...Object.fromEntries(Object.entries(colours).map(([name, colour]) => [name, light.has(name) ? colour : `color-mix(in srgb, ${colour}, #070d1c ${share}%)`])),
    'sky-moon': '#dfe6f2', 'sky-line': '#dfe6f2',
  });
}

/** In the look that the page is in. */
export function sceneColours() {
  const look = document.documentElement.dataset.look;
  if (sceneColours.look !== look) {
    const style = getComputedStyle(document.documentElement);
    sceneColours.colours = Object.fromEntries(Object.entries(names).map(([name, variable]) => [name, style.getPropertyValue(variable).trim()]));
    sceneColours.look = look;
  }
  return sceneColours.colours;
}
