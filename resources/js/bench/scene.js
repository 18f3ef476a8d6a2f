/**
 * A made-up estuary to look at: mooring stakes at the foreground's distance, a tide mill and its sheds at the subject's, hills
 * and a pump house at the background's. Metres: x to the right, y up from the camera's height, z ahead at pan 0.
 */

/** The camera stands at this height above the mud. */
const eyeMetres = 1.6;

const onRing = (bearingDegrees, metres, aboutX) => {
  const radians = (bearingDegrees * Math.PI) / 180;
  return { x: aboutX + Math.sin(radians) * metres, z: Math.cos(radians) * metres };
};

/** A flat outline, seen square on from the camera's place, in units of its own size. */
const standing = (outline, bearingDegrees, metres, size, aboutX, base = -eyeMetres) => {
  const centre = onRing(bearingDegrees, metres, aboutX);
  const radians = (bearingDegrees * Math.PI) / 180;
  return outline.map(([across, up]) => ({ x: centre.x + Math.cos(radians) * across * size, y: base + up * size, z: centre.z - Math.sin(radians) * across * size }));
};

const stake = [[-0.05, 0], [-0.05, 1], [0, 1.08], [0.05, 1], [0.05, 0]];
const mill = [[-0.9, 0], [-0.9, 0.55], [-0.55, 0.8], [-0.2, 0.55], [-0.2, 0.95], [0.25, 1.3], [0.7, 0.95], [0.7, 0], [0.35, 0], [0.35, 0.32], [0.1, 0.32], [0.1, 0]];
const shed = [[-0.5, 0], [-0.5, 0.3], [0, 0.5], [0.5, 0.3], [0.5, 0]];
const boat = [[-0.5, 0.12], [-0.38, 0], [0.36, 0], [0.5, 0.14], [0.06, 0.12], [0.06, 0.7], [-0.3, 0.16], [0.06, 0.16], [0.06, 0.12]];
const pumpHouse = [[-0.4, 0], [-0.4, 0.6], [0.1, 0.6], [0.1, 1.6], [0.22, 1.6], [0.22, 0.6], [0.4, 0.6], [0.4, 0]];

/** Always the same hills. */
const hillHeight = (degrees) => 0.028 + 0.014 * Math.sin(degrees * 0.11) + 0.008 * Math.sin(degrees * 0.37 + 1) + 0.004 * Math.sin(degrees * 1.3);

/**
 * @param {object} lens distances in metres
 * @param {number} aheadDegrees the middle of the move, where the mill stands
 * @param {number} aboutX where the middle of the slide is
 */
export function scene(lens, aheadDegrees, aboutX) {
  const things = [];
  const { foreground_m: near, subject_m: middle, background_m: far } = lens;

  const hills = [];
  for (let degrees = -180; degrees <= 180; degrees += 3) {
    hills.push({ ...onRing(aheadDegrees + degrees, far, aboutX), y: hillHeight(aheadDegrees + degrees) * far });
  }
  for (let i = 0; i < hills.length - 1; i++) {
    const [a, b] = [hills[i], hills[i + 1]];
    things.push({ points: [{ ...a, y: 0 }, a, b, { ...b, y: 0 }], closed: true, fill: 'hills', line: 'hills' });
  }
  for (const degrees of [-75, -28, 22, 70]) {
    things.push({ points: standing(pumpHouse, aheadDegrees + degrees, far, far * 0.05, aboutX, 0), closed: true, fill: 'far', line: 'far' });
  }
  for (const metres of [middle * 0.75, middle * 0.45, near * 1.6]) {
    const line = [];
    for (let degrees = -80; degrees <= 80; degrees += 8) line.push({ ...onRing(aheadDegrees + degrees, metres, aboutX), y: -eyeMetres });
    things.push({ points: line, closed: false, line: 'horizon' });
  }
  const size = middle * 0.22;
  for (const degrees of [-64, -38, 36, 62]) {
    things.push({ points: standing(shed, aheadDegrees + degrees, middle * 1.1, size, aboutX), closed: true, fill: 'shed', line: 'line' });
  }
  things.push({ points: standing(mill, aheadDegrees, middle, size, aboutX), closed: true, fill: 'mill', line: 'line', weight: 1.6 });
  if (lens.subject_speed_m_s > 0) {
    things.push({ points: standing(boat, aheadDegrees, middle * 0.98, size * 0.5, aboutX), closed: true, fill: 'boat', line: 'line', speed: true });
  }
  // Stakes are as high as their distance makes them fill a third of the picture's height.
  const high = near * 0.36;
  for (let degrees = -84; degrees <= 84; degrees += 14) {
    things.push({ points: standing(stake, aheadDegrees + degrees + 7, near, high, aboutX, -Math.max(near * 0.34, 0.05)), closed: true, fill: 'stake', line: 'stake' });
  }
  return things;
}

const names = {
  sky: '--scene-sky', ground: '--scene-ground', horizon: '--scene-horizon', hills: '--scene-hills', far: '--scene-far', shed: '--scene-shed', mill: '--scene-mill',
  boat: '--light', stake: '--scene-stake', line: '--scene-line', ghost: '--scene-ghost', shade: '--scene-shade', frame: '--scene-frame',
  'sky-sun': '--sky-sun', 'sky-moon': '--sky-moon', 'sky-line': '--sky-line',
};

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
