import Alpine from '@alpinejs/csp';
import { inUnit } from './run.js';
import { axisName, phrase } from '../catalogue.js';

const commitMilliseconds = 500;

/** Pegs stand at least so far apart. */
const apartPixels = 29;

/**
 * Keyframes on the chart: lettered pegs above it are dragged in time, and grips on the lines in time and value. While one is
 * dragged, the server says what would become of the shot; where it is let go, that is saved.
 */
export const pegs = (getChart) => ({
  pegs: [],
  grips: [],
  pegsSaid: '',
  selectedPeg: null,
  dragging: null,
  dragText: '',
  dragLeft: 0,
  bundle: 1,

  showPegs(pegs) {
    const said = JSON.stringify(pegs);
    if (said === this.pegsSaid) return;
    this.pegsSaid = said;
    this.pegs = pegs.map((peg, place) => {
      const kind = peg.end ? 'end' : peg.pass ? 'passed' : peg.hold ? 'held' : 'stops';
      const args = { letter: peg.letter, photo: peg.photo, count: peg.hold };
      return { ...peg, place, left: 0, visible: true, where: phrase(`scripts.bench.where_${kind}`, args), label: phrase(`scripts.bench.peg_${kind}`, args) };
    });
    const { axes } = Alpine.store('run');
    this.grips = pegs.flatMap((peg, place) => axes.map((axis, a) => ({
      key: `${place}-${axis.id}`, place, axis: axis.id, pattern: a % 3, left: 0, top: 0, visible: true,
      label: phrase('scripts.bench.grip', { axis: axisName(axis.id), letter: peg.letter, position: inUnit(peg.positions[axis.id], axis) }),
    })));
    if (this.selectedPeg !== null && this.selectedPeg >= pegs.length) this.selectedPeg = null;
  },

  placePegs() {
    const chart = getChart();
    this.bundle = chart.bundle();
    let before = -Infinity;
    const leads = [];
    this.pegs.forEach((peg) => {
      const belongs = chart.xOfPhoto(this.dragged(peg.place)?.photo ?? peg.photo);
      peg.visible = belongs >= -1 && belongs <= chart.width() + 1;
      if (!peg.visible) return;
      // Those that lie close stand aside of each other, so that each can be read and taken hold of.
      peg.left = Math.max(belongs, before + apartPixels);
      before = peg.left;
    });
    // Fanned out beyond the end, they move up from there.
    let after = chart.width() + apartPixels / 2;
    [...this.pegs].reverse().filter((peg) => peg.visible).forEach((peg) => {
      peg.left = Math.min(peg.left, after);
      after = peg.left - apartPixels;
      const belongs = chart.xOfPhoto(this.dragged(peg.place)?.photo ?? peg.photo);
      if (Math.abs(belongs - peg.left) > 0.5) leads.push([peg.left, belongs]);
    });
    chart.lead(leads);
    this.grips.forEach((grip) => {
      const peg = this.pegs[grip.place];
      const drag = this.dragged(grip.place);
      grip.left = chart.xOfPhoto(drag?.photo ?? peg.photo);
      grip.top = chart.yOfValue(grip.axis, drag?.positions[grip.axis] ?? peg.positions[grip.axis]);
      grip.visible = grip.left >= -1 && grip.left <= chart.width() + 1;
    });
  },

  dragged(place) {
    return this.dragging?.place === place ? this.dragging : null;
  },

  /** @param {PointerEvent} event on a peg or a grip */
  pegDown(event) {
    const handle = event.target.closest('[data-peg]');
    const place = Number(handle.dataset.peg);
    const axisId = handle.dataset.axisId ?? null;
    this.selectedPeg = place;
    const chart = getChart();
    const start = { x: event.clientX, y: event.clientY };
    handle.setPointerCapture(event.pointerId);
    const move = (moved) => {
      if (!this.dragging && Math.hypot(moved.clientX - start.x, moved.clientY - start.y) < 4) return;
      if (this.pegs[place].end && !axisId) {
        this.sayFixed(place);
        return;
      }
      this.beginDrag(place);
      const drag = this.dragging;
      if (!this.pegs[place].end) drag.photo = chart.photoAt(moved.clientX);
      if (axisId) drag.positions[axisId] = this.snapped(axisId, chart.valueAt(axisId, moved.clientY), moved);
      this.showDrag(axisId);
    };
    const up = (ended) => {
      handle.removeEventListener('pointermove', move);
      handle.removeEventListener('pointerup', up);
      handle.removeEventListener('pointercancel', up);
      if (!this.dragging) {
        this.dragText = '';
        Alpine.store('run').photo = this.pegs[place].photo;
        return;
      }
      if (ended.type === 'pointercancel') this.cancelDrag();
      else this.commitDrag();
    };
    handle.addEventListener('pointermove', move);
    handle.addEventListener('pointerup', up);
    handle.addEventListener('pointercancel', up);
  },

  /** What cannot move says so. */
  sayFixed(place) {
    const peg = this.pegs[place];
    const isFirst = place === 0;
    this.dragText = phrase(isFirst ? 'scripts.bench.fixed_first' : 'scripts.bench.fixed_last', { letter: peg.letter });
    this.dragLeft = Math.min(Math.max(230, peg.left), getChart().width() - 230);
  },

  beginDrag(place) {
    if (this.dragging) return;
    this.dragging = { place, photo: this.pegs[place].photo, positions: {} };
    getChart().hold(true);
  },

  /** To what a hand can set: fine steps, coarse ones with Shift, none with Alt; and never beyond the travel. */
  snapped(axisId, value, { shiftKey = false, altKey = false } = {}) {
    const axis = Alpine.store('run').axes.find((each) => each.id === axisId);
    const grid = altKey ? 0.001 : shiftKey ? axis.coarse : axis.fine;
    const onGrid = Number((Math.round(value / grid) * grid).toFixed(3));
    return Math.min(axis.max, Math.max(axis.min, onGrid));
  },

  showDrag(axisId) {
    const drag = this.dragging;
    const peg = this.pegs[drag.place];
    const axis = Alpine.store('run').axes.find((each) => each.id === axisId);
    const position = axis && axisId in drag.positions ? ` · ${axisName(axis.id)} ${inUnit(drag.positions[axisId], axis)}` : '';
    this.dragText = `${phrase('scripts.bench.drag', { letter: peg.letter, photo: drag.photo })}${position}`;
    this.placePegs();
    this.dragLeft = Math.min(Math.max(70, getChart().xOfPhoto(drag.photo)), getChart().width() - 70);
    getChart().draw();
    this.edit('keyframe-drag', this.given(), { preview: true });
  },

  given() {
    const { place, photo, positions } = this.dragging;
    return this.pegs[place].end ? { place, positions } : { place, photo, positions };
  },

  async commitDrag() {
    const drag = this.dragging;
    clearTimeout(this.commitTimer);
    const given = this.given();
    const taken = await this.edit('keyframe-drag', given);
    if (this.dragging === drag) this.endDrag();
    if (!taken) this.leavePreview();
  },

  cancelDrag() {
    clearTimeout(this.commitTimer);
    this.endDrag();
    this.leavePreview();
  },

  endDrag() {
    this.dragging = null;
    this.dragText = '';
    getChart().hold(false);
    this.showPegs(this.data.pegs);
    this.placePegs();
  },

  /** Keys on a peg or a grip; saved when the hand rests. */
  pegKey(event, handle) {
    const place = Number(handle.dataset.peg);
    const axisId = handle.dataset.axisId ?? null;
    const axis = Alpine.store('run').axes.find((each) => each.id === axisId);
    const across = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const up = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    this.selectedPeg = place;
    if (across && !this.pegs[place].end) {
      this.beginDrag(place);
      this.dragging.photo += across * (event.shiftKey ? 10 : 1);
    } else if (up && axis) {
      this.beginDrag(place);
      const from = this.dragging.positions[axisId] ?? this.pegs[place].positions[axisId];
      const to = from + up * (event.shiftKey ? axis.coarse : axis.fine);
      this.dragging.positions[axisId] = Math.min(axis.max, Math.max(axis.min, Number(to.toFixed(3))));
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      this.removePeg(place);
      return true;
    } else if (event.key.toLowerCase() === 'p' && !event.ctrlKey && !event.metaKey) {
      this.togglePass(place);
      return true;
    } else {
      return false;
    }
    this.showDrag(axisId);
    clearTimeout(this.commitTimer);
    this.commitTimer = setTimeout(() => this.commitDrag(), commitMilliseconds);
    return true;
  },

  plotDoubleClicked(event) {
    this.edit('keyframe-add', { photo: getChart().photoAt(event.clientX) });
  },

  addPeg() {
    this.edit('keyframe-add', { photo: Alpine.store('run').photo });
  },

  removePeg(place) {
    if (!this.pegs[place].end) this.edit('keyframe-out', { place });
  },

  togglePass(place) {
    if (!this.pegs[place].end) this.edit('keyframe-pass', { place });
  },

  holdAt(place, text) {
    this.edit('keyframe-hold', { place, photos: text });
  },

  goToPeg(place) {
    this.jogFrom(this.pegs[place].positions);
    this.goTo(this.pegs[place].photo);
  },
});
