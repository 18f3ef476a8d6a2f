import { decimal } from '../catalogue.js';

/** Round times at which to mark the ruler, in seconds. */
const tickSteps = [0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 15, 30, 60, 120, 300, 600, 900, 1800, 3600, 7200, 10_800, 21_600, 43_200, 86_400, 172_800, 604_800];
const tickRoom = 84;

/** From this width of an interval on, each is drawn with its exposure, its move and its settling. */
const detailPixels = 18;

/** A tread is at least as wide as this; far out it is so many photos that it is. */
const treadPixels = 20;
const bundles = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000];

/** Axes differ in pattern as well as colour. */
const patterns = [[], [9, 3], [2.5, 3]];

/**
 * Draws the staircase. Colours come from the look that the page is in.
 *
 * @param {HTMLCanvasElement} canvas
 */
export function createDrawing(canvas) {
  const context = canvas.getContext('2d');
  let look = null;
  let colours = {};

  const readColours = () => {
    const now = document.documentElement.dataset.look;
    if (now === look) return;
    look = now;
    const style = getComputedStyle(document.documentElement);
    for (const name of ['sunk', 'band', 'rule', 'soft', 'ink', 'hand', 'bad', 'light', 'write', 'move', 'settle', 'axis-0', 'axis-1', 'axis-2', 'figures', 'sky-sun', 'sky-moon', 'sky-line']) {
      colours[name] = style.getPropertyValue(`--${name}`).trim();
    }
  };

  const size = (width, height) => {
    const ratio = window.devicePixelRatio || 1;
    const [across, down] = [Math.round(width * ratio), Math.round(height * ratio)];
    if (canvas.width !== across || canvas.height !== down) {
      canvas.width = across;
      canvas.height = down;
      canvas.style.width = `${width}px`;
      canvas.style.height = `${height}px`;
    }
    context.setTransform(ratio, 0, 0, ratio, 0, 0);
  };

  /** Standing parts are shaded, ramps hatched. */
  const drawBands = ({ data, x, width, laneHeight, lanes, slackHeight }) => {
    const height = slackHeight + laneHeight * lanes;
    context.fillStyle = colours.sunk;
    context.fillRect(0, 0, width, height);
    context.fillStyle = colours.band;
    for (const [phase, from, length] of data.bands) {
      if (phase !== 'move') context.fillRect(x(from), 0, Math.max(1, x(from + length) - x(from)), height);
    }
    context.save();
    context.strokeStyle = colours.band;
    context.lineWidth = 2;
    for (const [kind, from, length] of data.ramps) {
      const [left, right] = [Math.max(0, x(from)), Math.min(width, x(from + length))];
      if (right <= left) continue;
      context.save();
      context.beginPath();
      context.rect(left, 0, right - left, height);
      context.clip();
      context.beginPath();
      const lean = kind === 'in' ? height : -height;
      for (let at = left - height - ((left - height) % 14); at < right + height; at += 14) {
        context.moveTo(at, height);
        context.lineTo(at + lean, 0);
      }
      context.stroke();
      context.restore();
    }
    context.restore();
    context.strokeStyle = colours.rule;
    context.lineWidth = 1;
    context.beginPath();
    for (let lane = 0; lane <= lanes; lane++) {
      context.moveTo(0, Math.round(slackHeight + lane * laneHeight) + 0.5);
      context.lineTo(width, Math.round(slackHeight + lane * laneHeight) + 0.5);
    }
    context.stroke();
  };

  /** Which photos are in view, and of how many one is drawn: nobody sees more than two to a pixel. */
  const inView = ({ triggers, view, width, findPhoto }) => {
    const first = Math.max(0, findPhoto(view.from) - 2);
    const last = Math.min(triggers.length - 1, findPhoto(view.to) + 1);
    return { first, last, every: Math.max(1, Math.floor((last - first) / (width * 2))) };
  };

  const drawDetail = (scene, { first, last }) => {
    const { data, column, triggers, x, y } = scene;
    const [lags, exposures, writeStarts, writes, settleStarts, settles] = ['lag', 'exposure', 'write_start', 'write', 'settle_start', 'settle'].map(column);
    for (const axis of data.axes) {
      const positions = column(`position:${axis.id}`);
      for (let n = first; n <= last; n++) {
        const at = y(axis.id, positions[n]);
        const opens = triggers[n] + lags[n];
        context.fillStyle = colours.light;
        context.fillRect(x(opens), at - 4, Math.max(1.5, x(opens + exposures[n]) - x(opens)), 8);
        context.fillStyle = colours.write;
        context.fillRect(x(triggers[n] + writeStarts[n]), at + 6, Math.max(1, x(triggers[n] + writeStarts[n] + writes[n]) - x(triggers[n] + writeStarts[n])), 3);
        if (settles[n] > 0 && n < positions.length - 1) {
          const settled = triggers[n] + settleStarts[n];
          context.fillStyle = colours.settle;
          context.fillRect(x(settled), y(axis.id, positions[n + 1]) - 3, x(settled + settles[n]) - x(settled), 6);
        }
      }
    }
  };

  /** Where an axis would have to stand to look at what is in the sky: the lines cross where it does. */
  const drawSky = (scene, { first, last, every }) => {
    const { data, column, triggers, x, y, laneOf, laneHeight, slackHeight } = scene;
    for (const { id: axisId, role } of data.axes) {
      for (const { name, label: words, colour, dashes } of data.targets) {
        if (data.columns[`sky:${name}:${role}`] === undefined) continue;
        const values = column(`sky:${name}:${role}`);
        const heights = column(`sky:${name}:tilt`);
        const top = slackHeight + laneOf(axisId) * laneHeight;
        context.save();
        context.beginPath();
        context.rect(0, top, scene.width, laneHeight);
        context.clip();
        context.beginPath();
        context.strokeStyle = colours[colour];
        context.globalAlpha = 0.75;
        context.lineWidth = 1.4;
        context.setLineDash(dashes);
        let pen = false;
        let label = null;
        for (let n = first; n <= last; n += every) {
          const at = y(axisId, values[n]);
          if (heights[n] < data.seen_above_deg) {
            pen = false;
            continue;
          }
          if (pen) context.lineTo(x(triggers[n]), at);
          else context.moveTo(x(triggers[n]), at);
          pen = true;
          if (!label && x(triggers[n]) > 4 && at > top + 15 && at < top + laneHeight - 8) label = [x(triggers[n]), at];
        }
        context.stroke();
        if (label) {
          context.setLineDash([]);
          context.globalAlpha = 1;
          context.font = '11px B612';
          context.textBaseline = 'bottom';
          context.fillStyle = colours[colour];
          context.fillText(words, label[0] + 3, label[1] - 2);
        }
        context.restore();
      }
    }
  };

  /** The photos in view with which a tread begins: every so many, counted from each keyframe. */
  const treadsOf = ({ bundle, pegPhotos, triggers }, { first, last }) => {
    const pegs = [1, ...[...pegPhotos].sort((a, b) => a - b), triggers.length + 1].map((photo) => photo - 1);
    const treads = [];
    for (let p = 0; p < pegs.length - 1; p++) {
      if (pegs[p + 1] <= first - bundle || pegs[p] > last) continue;
      const skipped = Math.max(0, Math.floor((first - pegs[p]) / bundle)) * bundle;
      for (let n = pegs[p] + skipped; n < Math.min(pegs[p + 1], last + 1); n += bundle) treads.push(n);
    }
    return treads;
  };

  /** Always stairs: a tread where the camera stands, a riser where it goes on. A rig that creeps on has no treads. */
  const drawLine = (scene, axis, index, { last }) => {
    const { data, column, triggers, x, y, bundle, treads } = scene;
    const positions = column(`position:${axis.id}`);
    const stops = data.mode !== 'continuous';
    const close = stops && bundle === 1;
    const moveStarts = close ? column('move_start') : null;
    const moves = close ? column(`move:${axis.id}`) : null;
    context.beginPath();
    context.strokeStyle = colours[`axis-${index % 3}`];
    context.lineWidth = 2.2;
    context.lineJoin = 'round';
    context.setLineDash(patterns[index % 3]);
    let stands = null;
    for (const n of treads) {
      const [at, place] = [y(axis.id, positions[n]), x(triggers[n])];
      if (stands === null) context.moveTo(place, at);
      else if (stops && !close) context.lineTo(place, stands);
      context.lineTo(place, at);
      stands = at;
      if (close && n < last && moves[n] > 0) {
        const starts = triggers[n] + moveStarts[n];
        stands = y(axis.id, positions[n + 1]);
        context.lineTo(x(starts), at);
        context.lineTo(x(starts + moves[n]), stands);
      }
    }
    if (stops && stands !== null) context.lineTo(x(triggers[last]), stands);
    context.lineTo(x(triggers[last]), y(axis.id, positions[last]));
    if (last === triggers.length - 1) context.lineTo(x(Math.max(data.run, triggers[last])), y(axis.id, positions[last]));
    context.stroke();
    context.setLineDash([]);
  };

  /** The slack of each photo in its interval, over the stairs in time with them; red and downward where it has too little. */
  const drawSlack = (scene, { last }) => {
    const { column, triggers, x, width, slackHeight, data, treads } = scene;
    context.fillStyle = colours.sunk;
    context.fillRect(0, 0, width, slackHeight);
    const line = Math.round(slackHeight * 0.75);
    if (data.columns.slack !== undefined && data.mode !== 'stop_motion') {
      // To the scale of the interval: as high as the strip is a whole one.
      const [slack, interval] = [column('slack'), column('interval')];
      treads.forEach((n, t) => {
        const next = treads[t + 1] ?? last + 1;
        let least = Infinity;
        for (let m = n; m < next; m++) {
          if (slack[m] === null) continue;
          const share = slack[m] / interval[m];
          if (share < least) least = share;
        }
        if (least === Infinity) return;
        const from = x(triggers[n]);
        const to = x(triggers[Math.min(next, triggers.length - 1)]);
        context.fillStyle = least < 0 ? colours.bad : colours.settle;
        const high = least < 0 ? -Math.max(3, Math.min(1, -least * 2) * (slackHeight - line)) : Math.min(1, least) * line;
        context.fillRect(from, high < 0 ? line : line - high, Math.max(1, to - from), Math.abs(high));
      });
    }
    context.fillStyle = colours.soft;
    context.fillRect(0, line, width, 1);
  };

  /** Round values of each lane, with their numbers. */
  const drawScales = ({ data, ranges, y, width, laneHeight, lanes, laneOf, slackHeight, shared }) => {
    context.font = `11px ${colours.figures}`;
    context.textBaseline = 'middle';
    context.lineWidth = 1;
    const marked = new Set();
    for (const axis of data.axes) {
      // Over each other, axes have one scale's room: it is the first one's, or the one they share.
      if (lanes === 1 && marked.size > 0) continue;
      marked.add(axis.id);
      // In the unit that is read: a round number of it, wherever that lies.
      const low = ranges[axis.id].low * axis.shown;
      const high = ranges[axis.id].high * axis.shown;
      const least = (high - low) * (22 / laneHeight);
      const step = [1, 2, 5, 10].map((times) => times * 10 ** Math.floor(Math.log10(least))).find((one) => one >= least);
      const top = slackHeight + laneOf(axis.id) * laneHeight;
      const decimals = Math.max(0, -Math.floor(Math.log10(step) + 1e-9));
      for (let value = Math.ceil(low / step) * step; value <= high; value += step) {
        const at = Math.round(y(axis.id, value / axis.shown)) + 0.5;
        if (at < top + 7 || at > top + laneHeight - 7) continue;
        context.strokeStyle = colours.rule;
        context.beginPath();
        context.setLineDash([1, 3]);
        context.moveTo(0, at);
        context.lineTo(width, at);
        context.stroke();
        context.setLineDash([]);
        const text = `${decimal(Math.abs(value) < step / 2 ? 0 : value, decimals, decimals)}${axis.unit === '°' ? '°' : ''}${shared && axis.unit !== '°' ? ` ${axis.unit}` : ''}`;
        context.fillStyle = colours.sunk;
        context.fillRect(1, at - 7, context.measureText(text).width + 4, 14);
        context.fillStyle = colours.soft;
        context.fillText(text, 3, at);
      }
    }
  };

  const tickText = (seconds, step) => {
    const sign = seconds < 0 ? '−' : '';
    const all = Math.abs(seconds);
    if (step < 1) return `${sign}${decimal(all, step < 0.1 ? 2 : 1, step < 0.1 ? 2 : 1)} s`;
    const [hours, minutes, rest] = [Math.floor(all / 3600), Math.floor((all % 3600) / 60), Math.round(all % 60)];
    if (all === 0) return '0';
    if (step < 60) return hours || minutes ? `${sign}${hours ? `${hours}:` : ''}${String(minutes).padStart(hours ? 2 : 1, '0')}:${String(rest).padStart(2, '0')}` : `${rest} s`;
    return hours ? `${sign}${hours} h${minutes ? ` ${minutes} min` : ''}` : `${minutes} min`;
  };

  const drawRuler = ({ view, x, width, laneHeight, lanes, height, slackHeight }) => {
    const top = slackHeight + laneHeight * lanes;
    const least = ((view.to - view.from) * tickRoom) / width;
    const step = tickSteps.find((candidate) => candidate >= least) ?? tickSteps.at(-1);
    context.clearRect(0, top, width, height - top);
    context.fillStyle = colours.soft;
    context.strokeStyle = colours.rule;
    context.font = `12px ${colours.figures}`;
    context.textBaseline = 'middle';
    context.beginPath();
    for (let at = Math.ceil(Math.max(0, view.from) / step) * step; at <= view.to; at += step) {
      const place = Math.round(x(at)) + 0.5;
      context.moveTo(place, top);
      context.lineTo(place, top + 5);
      const text = tickText(at, step);
      const half = context.measureText(text).width / 2;
      context.fillText(text, Math.min(Math.max(0, place - half), width - half * 2), top + 15);
    }
    context.stroke();
  };

  const drawMark = ({ triggers, x, laneHeight, lanes, slackHeight }, photo, colour, dash) => {
    const at = x(triggers[photo - 1]);
    context.beginPath();
    context.strokeStyle = colour;
    context.lineWidth = 2;
    context.setLineDash(dash);
    context.moveTo(at, 0);
    context.lineTo(at, slackHeight + laneHeight * lanes);
    context.stroke();
    context.setLineDash([]);
  };

  /** Where the run is looked at: a window as wide as one interval, never too narrow to see. */
  const drawWindow = ({ triggers, column, x, laneHeight, lanes, slackHeight, cursorPhoto }) => {
    const from = x(triggers[cursorPhoto - 1]);
    const wide = Math.max(5, x(triggers[cursorPhoto - 1] + column('span')[cursorPhoto - 1]) - from);
    const left = wide === 5 ? from - 2.5 : from;
    const high = slackHeight + laneHeight * lanes;
    context.globalAlpha = 0.16;
    context.fillStyle = colours.hand;
    context.fillRect(left, 0, wide, high);
    context.globalAlpha = 1;
    context.strokeStyle = colours.hand;
    context.lineWidth = 1.2;
    context.strokeRect(left, 0.6, wide, high - 1.2);
  };

  /** From a peg that stands aside to where it belongs. */
  const drawLeads = ({ leads }) => {
    context.strokeStyle = colours.ink;
    context.lineWidth = 1.2;
    context.beginPath();
    for (const [from, to] of leads) {
      context.moveTo(from, 0);
      context.lineTo(to, 9);
    }
    context.stroke();
  };

  return {
    draw(scene) {
      readColours();
      size(scene.width, scene.height);
      drawBands(scene);
      const range = inView(scene);
      const perInterval = (scene.x(scene.triggers[range.last]) - scene.x(scene.triggers[range.first])) / Math.max(1, range.last - range.first);
      scene.bundle = bundles.find((photos) => photos * perInterval >= treadPixels) ?? bundles.at(-1);
      scene.treads = treadsOf(scene, range);
      drawSlack(scene, range);
      drawScales(scene);
      if (perInterval >= detailPixels) drawDetail(scene, range);
      drawSky(scene, range);
      scene.data.axes.forEach((axis, index) => drawLine(scene, axis, index, range));
      drawRuler(scene);
      if (scene.pointedPhoto !== null) drawMark(scene, Math.min(scene.pointedPhoto, scene.triggers.length), colours.bad, [6, 4]);
      drawWindow(scene);
      drawLeads(scene);
      return scene.bundle;
    },
  };
}
