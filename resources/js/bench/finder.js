import { farPoint, projector } from './projection.js';
import { inTheDark, scene, sceneColours } from './scene.js';
import { phrase } from '../catalogue.js';

/**
 * The finder: what the camera would see, as a pinhole camera sees a simple scene. Where the camera stands and how it looks
 * comes from the server, photo by photo.
 *
 * @param {HTMLCanvasElement} canvas
 * @param {() => {pose: object, ghost: ?object, bodies: object[], seconds: number, secondsBefore: number, thirds: boolean, crop: boolean, ghost: boolean}} look
 */
export function createFinder(canvas, look, { onDrag, onLet } = {}) {
  const context = canvas.getContext('2d');
  let lens = null;
  let columns = {};
  let things = null;
  let dirty = false;
  let width = 0;
  let height = 0;

  const measure = () => {
    const ratio = window.devicePixelRatio || 1;
    width = canvas.parentElement.clientWidth;
    if (width === 0) return;
    height = Math.round((width * (lens?.half_height ?? 2)) / (lens?.half_width ?? 3));
    canvas.width = Math.round(width * ratio);
    canvas.height = Math.round(height * ratio);
    canvas.style.height = `${height}px`;
    context.setTransform(ratio, 0, 0, ratio, 0, 0);
    schedule();
  };
  new ResizeObserver(() => { if (canvas.parentElement.clientWidth !== width) measure(); }).observe(canvas.parentElement);

  // What is dragged is the picture: how far, as shares of the photo; what the rig does then, the server says.
  canvas.addEventListener('pointerdown', (event) => {
    if (!onDrag || event.button !== 0) return;
    canvas.setPointerCapture(event.pointerId);
    const from = [event.clientX, event.clientY];
    let begun = false;
    const move = ({ clientX, clientY }) => {
      if (!begun && Math.hypot(clientX - from[0], clientY - from[1]) < 4) return;
      onDrag((clientX - from[0]) / width, (from[1] - clientY) / height, !begun);
      begun = true;
    };
    const up = () => {
      canvas.removeEventListener('pointermove', move);
      canvas.removeEventListener('pointerup', up);
      canvas.removeEventListener('pointercancel', up);
      onLet?.();
    };
    canvas.addEventListener('pointermove', move);
    canvas.addEventListener('pointerup', up);
    canvas.addEventListener('pointercancel', up);
  });

  const schedule = () => {
    if (dirty) return;
    dirty = true;
    requestAnimationFrame(() => {
      dirty = false;
      // What stands in a view that is not in front has no width, and is drawn when it has.
      if (lens && width > 0) render(look());
    });
  };

  /** The scene, laid out before where the move looks on the whole. */
  const laidOut = () => {
    const middle = (name) => {
      const values = [].concat(columns[name]);
      return (values[0] + values.at(-1)) / 2;
    };
    things ??= scene(lens, lens.subject_pan_deg ?? middle('pose:yaw'), middle('pose:x'));
    return things;
  };

  /** Where a point falls on the canvas, in its pixels; null behind the camera. */
  const onCanvas = (pose) => {
    const project = projector(pose, lens);
    return (point) => {
      const place = project(point);
      return place && [width * (0.5 + place[0] / 2), height * (0.5 - place[1] / 2)];
    };
  };

  const trace = (points, project, close) => {
    context.beginPath();
    let pen = false;
    for (const point of points) {
      const place = project(point);
      if (!place || Math.abs(place[0]) > 20_000 || Math.abs(place[1]) > 20_000) {
        pen = false;
        continue;
      }
      if (pen) context.lineTo(place[0], place[1]);
      else context.moveTo(place[0], place[1]);
      pen = true;
    }
    if (close) context.closePath();
  };

  /** Everything below the horizon: a half plane, whichever way it leans. */
  const drawGround = (project, pose, colours) => {
    const at = (degrees) => project(farPoint(pose, pose.yaw + degrees, 0));
    const [left, right] = [at(-40), at(40)];
    context.fillStyle = colours.sky;
    context.fillRect(0, 0, width, height);
    if (!left || !right) return;
    const slope = (right[1] - left[1]) / (right[0] - left[0]);
    const level = (x) => left[1] + slope * (x - left[0]);
    context.beginPath();
    context.moveTo(0, level(0));
    context.lineTo(width, level(width));
    context.lineTo(width, Math.max(height, level(width)) + height);
    context.lineTo(0, Math.max(height, level(0)) + height);
    context.closePath();
    context.fillStyle = colours.ground;
    context.fill();
    context.beginPath();
    context.moveTo(0, level(0));
    context.lineTo(width, level(width));
    context.strokeStyle = colours.horizon;
    context.lineWidth = 1;
    context.stroke();
  };

  const drawThings = (project, colours, moved, outlineOnly) => {
    for (const thing of laidOut()) {
      const points = thing.speed ? thing.points.map((point) => ({ ...point, x: point.x + moved })) : thing.points;
      trace(points, project, thing.closed);
      if (!outlineOnly && thing.closed) {
        context.fillStyle = colours[thing.fill];
        context.fill();
      }
      context.strokeStyle = outlineOnly ? colours.ghost : colours[thing.line];
      context.lineWidth = outlineOnly ? 1 : thing.weight ?? 1.2;
      context.setLineDash(outlineOnly ? [3, 3] : []);
      context.stroke();
    }
    context.setLineDash([]);
  };

  /** Half the disk of sun and moon; so small that a ring says where to look. */
  const diskDegrees = 0.267;

  const drawBodies = (bodies, project, pose, colours, night) => {
    for (const { name, label, colour, dashes, disk, yaw, pitch } of bodies) {
      const place = project(farPoint(pose, yaw, pitch));
      if (!place || place[0] < -40 || place[0] > width + 40 || place[1] < -40 || place[1] > height + 40) continue;
      const radius = Math.max(2.5, (Math.tan((diskDegrees * Math.PI) / 180) / lens.half_width) * (width / 2));
      context.strokeStyle = colours[colour];
      context.fillStyle = colours[colour];
      context.lineWidth = 2;
      context.beginPath();
      context.arc(place[0], place[1], radius, 0, 2 * Math.PI);
      if (name === 'moon' && night) night.drawMoon(context, place, radius, colours, pose.roll);
      else if (disk) context.fill();
      else {
        context.moveTo(place[0] - 9, place[1]);
        context.lineTo(place[0] + 9, place[1]);
        context.moveTo(place[0], place[1] - 9);
        context.lineTo(place[0], place[1] + 9);
        context.stroke();
      }
      context.beginPath();
      context.lineWidth = 1;
      context.setLineDash(dashes.length === 0 ? [] : [3, 3]);
      context.arc(place[0], place[1], radius + 8, 0, 2 * Math.PI);
      context.stroke();
      context.setLineDash([]);
      context.font = '12px B612';
      context.textBaseline = 'middle';
      context.lineWidth = 3;
      context.strokeStyle = colours.sky;
      context.strokeText(label, place[0] + radius + 12, place[1]);
      context.fillText(label, place[0] + radius + 12, place[1]);
    }
  };

  /** Real pictures; in the night of red alone, as all else is. */
  const inTheLook = (draw) => {
    const isNight = document.documentElement.dataset.look === 'night';
    context.filter = isNight ? 'grayscale(1)' : 'none';
    draw();
    context.filter = 'none';
    if (!isNight) return;
    context.globalCompositeOperation = 'multiply';
    context.fillStyle = '#b31200';
    context.fillRect(0, 0, width, height);
    context.globalCompositeOperation = 'source-over';
  };

  /** Over what the camera sees: level, and where the horizon lies as the head is said to stand. */
  const drawLevel = (project, pose, colours) => {
    const line = (from, to, dashes) => {
      context.setLineDash(dashes);
      for (const [style, weight] of [[colours.sky, 4], [colours.frame, 1.5]]) {
        context.strokeStyle = style;
        context.lineWidth = weight;
        context.beginPath();
        context.moveTo(...from);
        context.lineTo(...to);
        context.stroke();
      }
      context.setLineDash([]);
    };
    line([0, height / 2], [width, height / 2], [8, 6]);
    const [left, right] = [-20, 20].map((degrees) => project(farPoint(pose, pose.yaw + degrees, 0)));
    if (left && right) line(left, right, []);
  };

  const drawFrame = ({ thirds, crop }, colours) => {
    const [w, h] = [width * lens.crop_width, height * lens.crop_height];
    const [left, top] = [(width - w) / 2, (height - h) / 2];
    if (crop) {
      context.fillStyle = colours.shade;
      context.beginPath();
      context.rect(0, 0, width, height);
      context.rect(left, top, w, h);
      context.fill('evenodd');
    }
    context.strokeStyle = colours.frame;
    context.lineWidth = 1;
    if (crop) context.strokeRect(left + 0.5, top + 0.5, w - 1, h - 1);
    if (!thirds) return;
    context.globalAlpha = 0.5;
    context.beginPath();
    for (const share of [1 / 3, 2 / 3]) {
      context.moveTo(left + w * share, top);
      context.lineTo(left + w * share, top + h);
      context.moveTo(left, top + h * share);
      context.lineTo(left + w, top + h * share);
    }
    context.stroke();
    context.globalAlpha = 1;
  };

  const render = (seen) => {
    const darkness = seen.darkness ?? 0;
    const colours = inTheDark(sceneColours(), darkness);
    // Something crosses at the subject's speed and comes round again, so that it is seen in every clip.
    const loop = lens.subject_m * 4;
    const moved = (seconds) => ((lens.subject_speed_m_s * seconds + loop / 2) % loop) - loop / 2;
    const project = onCanvas(seen.pose);
    if (seen.live?.frame) {
      inTheLook(() => context.drawImage(seen.live.frame, 0, 0, width, height));
      if (seen.live.level && seen.live.magnified === 1) drawLevel(project, seen.pose, colours);
      if (seen.live.magnified === 1) drawFrame(seen, colours);
      return;
    }
    drawGround(project, seen.pose, colours);
    if (seen.backdrop) {
      inTheLook(() => seen.backdrop.draw(context, seen.pose, lens, width, height));
      drawFrame(seen, colours);
      return;
    }
    if (darkness > 0) seen.night?.draw(context, { project, pose: seen.pose, seconds: seen.seconds, darkness, colour: colours['sky-line'] });
    drawThings(project, colours, moved(seen.seconds), false);
    if (seen.ghost) drawThings(onCanvas(seen.ghost), colours, moved(seen.secondsBefore), true);
    drawBodies(seen.bodies, project, seen.pose, colours, seen.night);
    drawFrame(seen, colours);
  };

  /** Where something is in the frame, in words; empty where it is outside. */
  const placed = (points, project) => {
    const seen = points.map(project).filter((place) => place && Math.abs(place[0]) <= 1 && Math.abs(place[1]) <= 1);
    if (seen.length === 0) return '';
    const middle = seen.reduce((sum, [across]) => sum + across, 0) / seen.length;
    return middle < -0.2 ? 'left' : middle > 0.2 ? 'right' : 'middle';
  };

  return {
    /** What is in the frame, for who cannot see it. */
    describe() {
      if (!lens) return '';
      const seen = look();
      const project = projector(seen.pose, lens);
      const told = [];
      for (const { name, points } of laidOut().filter((thing) => thing.name)) {
        const where = placed(points, project);
        told.push(phrase(`scripts.bench.seen_${where || 'outside'}`, { name }));
      }
      const near = laidOut().filter((thing) => thing.near && placed(thing.points, project)).length;
      told.push(phrase('scripts.bench.near', { count: near }));
      seen.bodies.forEach(({ label, yaw, pitch }) => {
        const where = placed([farPoint(seen.pose, yaw, pitch)], project);
        if (where) told.push(phrase(`scripts.bench.seen_${where}`, { name: label }));
      });
      return told.join(', ');
    },
    take(data) {
      const reshaped = !lens || lens.half_height / lens.half_width !== data.finder.half_height / data.finder.half_width;
      lens = data.finder;
      columns = data.columns;
      things = null;
      if (reshaped) measure();
      schedule();
    },
    draw: schedule,
  };
}
