import { createDrawing } from './drawing.js';
import { createLight } from './light.js';
import { withUnit } from './run.js';
import { decimal } from '../catalogue.js';

const rulerHeight = 26;

/** All lanes together are as high as leaves the sentence and the interval on the same screen, unless one would become too low to read. */
const plotHeight = (width) => (width < 480 ? 180 : Math.min(460, Math.max(186, window.innerHeight - 616)));
const leastLaneHeight = 60;

/** The slack of each photo stands above the lanes. */
const slackHeight = 26;

/** Pixels kept free above and below each line: half a grip and a little. */
const gripRoom = 14;

/**
 * The staircase chart: time across, positions up. Keeps which part of the run is in view, and turns places on the screen into
 * photos and positions; drawing is done in `drawing.js`, numbers come from the server.
 *
 * @param {HTMLCanvasElement} canvas
 * @param {HTMLElement} plot holds the canvas, the pegs and the grips
 * @param {HTMLCanvasElement} lightCanvas exposure, ISO and brightness stand there, in time with the rest
 * @param {{onScrub: (photo: number) => void, onLayout: () => void, onLanes: () => void, onPeg: (event: PointerEvent) => void, onPlot: (event: MouseEvent) => void}} on
 */
export function createChart(canvas, plot, lightCanvas, on) {
  const drawing = createDrawing(canvas);
  const light = createLight(lightCanvas);
  let data = null;
  let triggers = [0];
  let view = { from: 0, to: 1 };
  let ranges = {};
  let held = false;
  let overlaid = false;
  let shared = false;
  let leads = [];
  let bundle = 1;
  let cursorPhoto = 1;
  let pointedPhoto = null;
  let width = 1;
  let lightWidth = 0;
  let isShown = false;
  let dirty = false;
  let newLayout = true;

  const whole = () => ({ from: 0, to: Math.max(data.run, triggers.at(-1), 1e-3) });
  const column = (name) => {
    const values = data.columns[name];
    return Array.isArray(values) ? values : Array(data.photos).fill(values ?? 0);
  };
  const laneHeight = () => Math.max(leastLaneHeight, Math.floor(plotHeight(width) / laneCount()));
  const laneCount = () => (overlaid ? 1 : data.axes.length);
  const across = (wide) => (seconds) => ((seconds - view.from) / (view.to - view.from)) * wide;
  const x = (seconds) => across(width)(seconds);
  const seconds = (place, wide = width) => view.from + (place / wide) * (view.to - view.from);
  const laneOf = (axisId) => (overlaid ? 0 : data.axes.findIndex((axis) => axis.id === axisId));
  /** Over each other, lines that run alike stand a little apart, so that each is seen and can be taken hold of. */
  const apart = (axisId) => (overlaid ? (data.axes.findIndex((axis) => axis.id === axisId) - (data.axes.length - 1) / 2) * Math.min(9, 18 / data.axes.length) : 0);
  const y = (axisId, value) => {
    const { low, high } = ranges[axisId];
    return slackHeight + laneOf(axisId) * laneHeight() + laneHeight() * (1 - (value - low) / (high - low)) + apart(axisId);
  };

  const findPhoto = (at) => {
    let low = 0;
    let high = triggers.length - 1;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if (triggers[middle] <= at) low = middle;
      else high = middle - 1;
    }
    return low + 1;
  };

  /** Positions fill the lane with what is in view: far out the whole move, close by its single steps. */
  const fitRanges = () => {
    if (held) return;
    const first = Math.max(0, findPhoto(view.from) - 1);
    const last = Math.min(data.photos - 1, findPhoto(view.to));
    for (const axis of data.axes) {
      const values = column(`position:${axis.id}`);
      let low = Infinity;
      let high = -Infinity;
      for (let n = first; n <= last; n++) {
        if (values[n] < low) low = values[n];
        if (values[n] > high) high = values[n];
      }
      // Room above and below, so that a grip can be dragged beyond what there is.
      const room = high > low ? ((high - low) * gripRoom) / (laneHeight() - 2 * gripRoom) : axis.fine * 10;
      ranges[axis.id] = { low: low - room, high: high + room };
    }
    if (shared) shareRanges();
  };

  /** Axes of one unit on one scale, so that their steps can be compared by eye. */
  const shareRanges = () => {
    for (const unit of new Set(data.axes.map((axis) => axis.unit))) {
      const same = data.axes.filter((axis) => axis.unit === unit);
      const all = { low: Math.min(...same.map(({ id }) => ranges[id].low)), high: Math.max(...same.map(({ id }) => ranges[id].high)) };
      same.forEach(({ id }) => { ranges[id] = all; });
    }
  };

  const setView = (from, to) => {
    const all = whole();
    const span = Math.min(Math.max(to - from, Math.min(0.5, all.to)), all.to * 1.02);
    // A little air at both ends, so that the first and the last peg can be taken hold of.
    const start = Math.min(Math.max(from, -all.to * 0.01), all.to * 1.01 - span);
    view = { from: start, to: start + span };
    schedule();
  };

  const zoomAbout = (factor, at) => setView(at - (at - view.from) / factor, at + (view.to - at) / factor);

  const schedule = () => {
    if (dirty) return;
    dirty = true;
    requestAnimationFrame(() => {
      dirty = false;
      render();
    });
  };

  const render = () => {
    if (!data) return;
    if (lightWidth > 0) light.draw({ data, column, triggers, view, x: across(lightWidth), width: lightWidth, cursorPhoto, findPhoto });
    // What stands in a view that is not in front has no width, and is drawn when it has.
    if (!isShown) return;
    fitRanges();
    const height = slackHeight + laneHeight() * laneCount() + rulerHeight;
    const scene = { data, column, triggers, view, ranges, x, y, laneHeight: laneHeight(), lanes: laneCount(), laneOf, width, height, rulerHeight, cursorPhoto, pointedPhoto, findPhoto, slackHeight, shared, leads, pegPhotos: new Set(data.pegs.map((peg) => peg.photo)) };
    bundle = drawing.draw(scene);
    if (newLayout) on.onLanes();
    newLayout = false;
    on.onLayout();
  };

  const measure = () => {
    // Read when they change alone: asked for in every frame, they would have the page laid out twice in each.
    isShown = plot.clientWidth > 0;
    if (isShown) width = plot.clientWidth;
    lightWidth = lightCanvas.parentElement.clientWidth;
    newLayout = true;
    schedule();
  };
  const watch = new ResizeObserver(measure);
  watch.observe(plot);
  watch.observe(lightCanvas.parentElement);

  follow(canvas);
  follow(lightCanvas);

  /** Pointer, wheel and touch: one finger or button scrubs, two pinch, the wheel zooms, the ruler pans. */
  function follow(surface) {
    const pointers = new Map();
    let pinch = null;
    let panning = null;
    const local = (event) => event.clientX - surface.getBoundingClientRect().left;
    const wide = () => surface.clientWidth || width;
    const scrub = (event) => on.onScrub(findPhoto(seconds(local(event), wide())));

    surface.addEventListener('pointerdown', (event) => {
      pointers.set(event.pointerId, local(event));
      surface.setPointerCapture(event.pointerId);
      const inRuler = surface === canvas && event.clientY - surface.getBoundingClientRect().top > slackHeight + laneHeight() * laneCount();
      if (pointers.size === 2) {
        const [a, b] = [...pointers.values()];
        pinch = { apart: Math.abs(a - b), at: seconds((a + b) / 2, wide()), span: view.to - view.from };
      } else if (inRuler || event.button === 1 || event.altKey) {
        panning = { at: seconds(local(event), wide()) };
      } else {
        scrub(event);
      }
    });
    surface.addEventListener('pointermove', (event) => {
      if (!pointers.has(event.pointerId)) return;
      pointers.set(event.pointerId, local(event));
      if (pinch && pointers.size === 2) {
        const [a, b] = [...pointers.values()];
        const span = (pinch.span * pinch.apart) / Math.max(8, Math.abs(a - b));
        const from = pinch.at - (((a + b) / 2) / wide()) * span;
        setView(from, from + span);
      } else if (panning) {
        const by = panning.at - seconds(local(event), wide());
        setView(view.from + by, view.to + by);
      } else {
        scrub(event);
      }
    });
    for (const type of ['pointerup', 'pointercancel']) {
      surface.addEventListener(type, (event) => {
        pointers.delete(event.pointerId);
        if (pointers.size < 2) pinch = null;
        panning = null;
      });
    }
    (surface === canvas ? plot : surface).addEventListener('wheel', (event) => {
      event.preventDefault();
      const across = Math.abs(event.deltaX) > Math.abs(event.deltaY) || event.shiftKey;
      if (across) {
        const by = ((event.deltaX || event.deltaY) / width) * (view.to - view.from);
        setView(view.from + by, view.to + by);
      } else {
        zoomAbout(1.0015 ** -event.deltaY, seconds(local(event), wide()));
      }
    }, { passive: false });
    if (surface !== canvas) return;
    surface.addEventListener('dblclick', (event) => on.onPlot(event));
    plot.addEventListener('pointerdown', (event) => {
      if (event.target.closest('[data-peg]')) on.onPeg(event);
    });
  }

  return {
    take(taken) {
      const first = data === null;
      const wasWhole = first || view.to - view.from >= whole().to * 0.999;
      data = taken;
      newLayout = true;
      triggers = column('trigger');
      if (first) measure();
      if (wasWhole) setView(-whole().to * 0.01, whole().to * 1.01);
      schedule();
    },
    lanes() {
      const lane = (axes) => ({
        id: axes.map((axis) => axis.id).join(),
        height: laneHeight(),
        axes: axes.map((axis) => {
          const values = column(`position:${axis.id}`);
          const shown = (value) => decimal(value * axis.shown, 1);
          return { id: axis.id, pattern: data.axes.indexOf(axis) % 3, ends: `${shown(values[0])} → ${withUnit(shown(values.at(-1)), axis.unit)}` };
        }),
      });
      return overlaid ? [lane(data.axes)] : data.axes.map((axis) => lane([axis]));
    },
    cursor(photo) {
      cursorPhoto = photo;
      schedule();
    },
    point(photo) {
      if (photo === pointedPhoto) return;
      pointedPhoto = photo;
      schedule();
    },
    hold(on_) {
      held = on_;
      schedule();
    },
    overlay(on_) {
      overlaid = on_;
      newLayout = true;
      schedule();
    },
    share(on_) {
      shared = on_;
      schedule();
    },
    /** Pegs that stand aside, each with where it belongs. */
    lead(lines) {
      if (JSON.stringify(lines) === JSON.stringify(leads)) return;
      leads = lines;
      schedule();
    },
    /** How many photos one tread is. */
    bundle: () => bundle,
    draw: schedule,
    width: () => width,
    view: () => ({ ...view }),
    xOfPhoto: (photo) => x(triggers[Math.min(Math.max(photo, 1), triggers.length) - 1]),
    yOfValue: y,
    photoAt: (clientX) => {
      const place = clientX - plot.getBoundingClientRect().left;
      const photo = findPhoto(seconds(place));
      // The nearer of the two photos it lies between.
      const next = Math.min(photo + 1, triggers.length);
      return Math.abs(x(triggers[next - 1]) - place) < Math.abs(x(triggers[photo - 1]) - place) ? next : photo;
    },
    valueAt: (axisId, clientY) => {
      const { low, high } = ranges[axisId];
      const inLane = clientY - canvas.getBoundingClientRect().top - slackHeight - laneOf(axisId) * laneHeight() - apart(axisId);
      return high - (inLane / laneHeight()) * (high - low);
    },
    zoomBy: (factor) => zoomAbout(factor, Math.min(Math.max(triggers[cursorPhoto - 1], view.from), view.to)),
    zoomOut: () => setView(-whole().to * 0.01, whole().to * 1.01),
    zoomToPhoto() {
      const from = triggers[cursorPhoto - 1];
      const span = column('span')[cursorPhoto - 1];
      setView(from - span * 0.15, from + span * 1.25);
    },
    panBy: (share) => setView(view.from + share * (view.to - view.from), view.to + share * (view.to - view.from)),
    /** Brings the cursor back into view. */
    follow() {
      const at = triggers[cursorPhoto - 1];
      const span = view.to - view.from;
      if (at < view.from || at > view.to) setView(at - span / 2, at + span / 2);
    },
  };
}
