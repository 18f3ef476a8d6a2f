import Alpine from '@alpinejs/csp';
import htmx from 'htmx.org';
import { send, dropPreviews, waiting } from './channel.js';
import { createChart } from './chart.js';
import { readColumns } from './columns.js';
import { createFinder } from './finder.js';
import { fields } from './fields.js';
import { jog } from './jog.js';
import { keys } from './keys.js';
import { followPad } from './pad.js';
import { pegs } from './pegs.js';
import { followTwins } from './twins.js';
import { showView, viewInFront } from './views.js';
import { whatIf } from './whatif.js';
import { axisName, decimal, phrase } from '../catalogue.js';

/** What is drawn of the shot however it is edited stands on the page once. */
const unpacked = (data) => ({ ...JSON.parse(document.getElementById('always-drawn').textContent), ...data, columns: readColumns(data) });

/** Where a photo is seen; from the others, a link to one leads to Time. */
const photoViews = ['frame', 'time', 'light'];

const flattened = (path, value) => (value !== null && typeof value === 'object'
  ? Object.entries(value).flatMap(([key, inner]) => flattened(`${path}[${key}]`, inner))
  : [[path, String(value)]]);

/**
 * The shot's bench: holds what is shown, and ties chart, interval, finder and jog together. Whatever a change makes of the
 * shot is worked out by the server and comes back as `shot-data`.
 */
export default () => {
  // Canvases keep their own state; Alpine need not watch it.
  let chart;
  let finder;
  let data = null;
  let played = null;

  return {
    overlay: false,
    shared: false,
    lanes: [],
    playing: false,
    live: null,
    lookedThrough: null,
    backdrop: null,
    night: null,
    nightKey: null,
    followsBackdrop: false,
    view: { thirds: true, crop: true, ghost: true },
    finderLabel: phrase('scripts.bench.finder'),
    isExample: false,
    chartLabel: phrase('scripts.bench.chart'),
    interval: { span: 1, canExpose: false, canSpace: false, text: '', keepText: '', keep() {}, putBack() {} },
    ...pegs(() => chart),
    ...jog(),
    ...fields(),
    ...keys(),

    get chart() {
      return chart;
    },

    get data() {
      return data;
    },

    init() {
      const store = Alpine.store('run');
      finder = createFinder(this.$refs.finder, () => this.look(), {
        onDrag: (right, up, first) => this.dragPicture(right, up, first),
        onLet: () => this.pictureLet(),
      });
      chart = createChart(this.$refs.canvas, this.$refs.plot, this.$refs.light, {
        onScrub: (photo) => { store.photo = photo; },
        onLayout: () => this.placePegs(),
        onLanes: () => { this.lanes = chart.lanes(); },
        onPeg: (event) => this.pegDown(event),
        onPlot: (event) => this.plotDoubleClicked(event),
      });
      whatIf(this.$refs.bar, this);
      this.take(JSON.parse(document.getElementById('shot-data').textContent));
      document.body.addEventListener('shot-answered', (event) => {
        if (event.detail.data) this.take(event.detail.data, event.detail);
      });
      this.$watch('$store.run.photo', () => this.moved());
      document.addEventListener('look-changed', () => this.redraw());
      document.fonts.ready.then(() => this.redraw());
      this.listenForKeys();
      this.listenForFields();
      this.restoreDrafts();
      document.addEventListener('outbox-changed', () => this.markStale());
      this.markStale();
      this.followFindings();
      this.followCards();
      followPad(this);
      followTwins();
      this.$root.dataset.ready = 'yes';
    },

    take(answered, answer = {}) {
      data = unpacked(answered);
      const store = Alpine.store('run');
      store.take(data);
      this.$root.dataset.structure = data.structure;
      if (!this.dragging) this.showPegs(data.pegs);
      chart.take(data);
      finder.take(data);
      this.isExample = data.finder.scene === 'example';
      this.followNight();
      this.fillFields(data, answer);
      this.startJog(data);
      this.moved();
      if (!data.preview) document.querySelectorAll('#ways[open], #lenses[open], #all-photos[open]').forEach((part) => htmx.trigger(part, 'refresh'));
    },

    /** While a change is under way, verdict and chart are of the shot as it was before. */
    markStale() {
      const stale = waiting(this.$root.dataset.shot).length > 0;
      this.$root.dataset.stale = stale ? 'yes' : 'no';
      document.getElementById('stale').hidden = !stale;
    },

    /** The keyframe that is chosen; nothing of it while none is. */
    get chosenPeg() {
      return this.pegs[this.selectedPeg] ?? {};
    },

    jogAt(axisId) {
      const axis = Alpine.store('run').axes.find(({ id }) => id === axisId);
      const stands = this.jogPositions[axisId];
      return stands === undefined ? '' : Number((stands * (axis?.shown ?? 1)).toFixed(4));
    },

    pressDryRun() {
      document.getElementById('dry-run').click();
    },

    closeKeys() {
      this.$refs.keys.close();
    },

    get finderTag() {
      const shown = this.live ? 'live' : this.backdrop ? 'backdrop' : this.jogging ? 'jogging' : 'photo';
      return phrase(`scripts.bench.tag_${shown}`, { photo: Alpine.store('run').photo });
    },

    get playText() {
      return phrase(this.playing ? 'scripts.bench.pause' : 'scripts.bench.play', { fps: decimal(Alpine.store('run').fps, 3) });
    },

    moved() {
      const store = Alpine.store('run');
      chart.cursor(store.photo);
      if (!this.interval.held) this.interval.span = store.value('span') ?? 1;
      this.interval.canExpose = document.getElementById('f-timing-exposure_s') !== null;
      this.interval.canSpace = document.getElementById('f-timing-interval_s') !== null;
      if (!this.playing && this.jogging && played !== store.photo) this.jogging = false;
      played = store.photo;
      finder.draw();
      this.describe();
    },

    /** The pictures in words, once they rest. */
    describe() {
      clearTimeout(this.describing);
      this.describing = setTimeout(() => {
        const store = Alpine.store('run');
        this.finderLabel = phrase(this.jogging ? 'scripts.bench.finder_jog' : 'scripts.bench.finder_photo', { photo: store.photo, seen: finder.describe() });
        const moves = this.lanes.flatMap((lane) => lane.axes).map((axis) => `${axisName(axis.id)} ${axis.ends}`).join(', ');
        const slack = store.at('slack', data.tightest) === undefined ? '' : phrase('scripts.bench.chart_slack', { photo: data.tightest, slack: store.slackTextAt(data.tightest) });
        this.chartLabel = `${phrase('scripts.bench.chart_run', { moves, count: store.photos })} ${slack}`.trim();
      }, 250);
    },

    /** What the finder looks through: the photo under the cursor, or the rig moved by hand. */
    look() {
      const store = Alpine.store('run');
      const stands = store.pose(store.photo);
      return {
        pose: this.jogging ? this.jogPose ?? stands : stands,
        ghost: this.view.ghost && !this.jogging && store.photo > 1 ? store.pose(store.photo - 1) : null,
        seconds: store.value('trigger') ?? 0,
        bodies: this.bodies(),
        secondsBefore: store.photo > 1 ? store.at('trigger', store.photo - 1) : 0,
        live: this.live,
        backdrop: this.backdrop,
        night: this.night,
        darkness: this.darkness(),
        ...this.view,
      };
    },

    /** Live view takes the place of the drawing. */
    setLive(live) {
      this.live = live;
      finder.draw();
    },

    async lookThrough() {
      const { lookThroughCamera } = await import('../rig/live.js');
      this.lookedThrough ??= lookThroughCamera(this);
      await this.lookedThrough.connect();
    },

    /** Photos from the ends of the move take its place too. */
    setBackdrop(backdrop) {
      this.backdrop = backdrop;
      finder.draw();
    },

    async openBackdrop() {
      if (this.followsBackdrop) return;
      this.followsBackdrop = true;
      (await import('./backdrop.js')).followBackdrop(this);
    },

    /** How dark it is for this photo: 0 by day, 1 when all stars are out. */
    darkness() {
      const sun = data.finder.night ? Alpine.store('run').value('sky:sun:tilt') : undefined;
      const { stars_from_deg: from, dark_from_deg: dark } = data;
      return sun === undefined ? 0 : Math.max(0, Math.min(1, (from - sun) / (from - dark)));
    },

    /** The sky comes when there is a night to be drawn, and anew when place or time are others. A plan that is only looked at keeps the last. */
    async followNight() {
      const key = data.finder.night;
      if (key === null) this.night = null;
      if (key === this.nightKey || data.preview) return;
      this.nightKey = key;
      if (key === null) return;
      const { nightSky } = await import('./night.js');
      const told = await fetch(this.$root.dataset.night, { headers: { 'HX-Request': 'true' }, credentials: 'same-origin' }).then((response) => response.json()).catch(() => null);
      if (this.nightKey !== key) return;
      if (told === null) this.nightKey = null;
      this.night = told && nightSky(told);
      finder.draw();
    },

    /** What is up for this photo, and where; empty where nobody knows. */
    bodies() {
      const store = Alpine.store('run');
      const { targets, seen_above_deg: seenAbove } = data;
      return targets
        .map((target) => ({ ...target, yaw: store.value(`sky:${target.name}:pan`), pitch: store.value(`sky:${target.name}:tilt`) }))
        .filter(({ yaw, pitch }) => yaw !== undefined && pitch > seenAbove);
    },

    redraw() {
      chart.draw();
      finder.draw();
    },

    toggleOverlay() {
      this.overlay = !this.overlay;
      chart.overlay(this.overlay);
    },

    toggleShared() {
      this.shared = !this.shared;
      chart.share(this.shared);
    },

    toggleView(part) {
      this.view[part] = !this.view[part];
      finder.draw();
    },

    step(by) {
      const store = Alpine.store('run');
      store.photo = Math.min(store.photos, Math.max(1, store.photo + by));
      chart.follow();
    },

    goTo(photo) {
      Alpine.store('run').photo = photo;
      chart.follow();
    },

    /** Plays the clip at its real frame rate; a browser that cannot keep up leaves photos out, and never slows down. */
    togglePlay() {
      this.playing = !this.playing;
      if (!this.playing) return;
      const store = Alpine.store('run');
      if (store.photo >= store.photos) store.photo = 1;
      const from = store.photo;
      let began = null;
      const frame = (now) => {
        began ??= now;
        if (!this.playing) return;
        const photo = Math.min(from + Math.floor(((now - began) / 1000) * store.fps), store.photos);
        if (photo !== store.photo) store.photo = photo;
        if (photo >= store.photos) this.playing = false;
        else requestAnimationFrame(frame);
      };
      requestAnimationFrame(frame);
    },

    /** Makes one named edit, saved or only looked at. */
    edit(name, given, { preview = false } = {}) {
      return send({
        url: this.$root.dataset.edits,
        preview,
        values: [['edit', name], ...flattened('with', given)],
      });
    },

    /** Draws the saved plan again after something was only looked at. */
    leavePreview() {
      dropPreviews();
      if (data.preview) this.edit('keyframe-drag', { place: 0 }, { preview: true });
    },

    /** Buttons on the cards of keyframes, of which there may be hundreds. */
    followCards() {
      document.addEventListener('click', ({ target }) => {
        const button = target.closest?.('[data-go-to], [data-set-here]');
        if (button?.dataset.goTo) this.goToPeg(Number(button.dataset.goTo));
        else if (button) this.setPegHere(Number(button.dataset.setHere));
      });
    },

    /** A finding that is pointed at, focused or tapped shows its photo on the chart. */
    followFindings() {
      const findings = (event) => event.target.closest?.('[data-points-at]');
      const point = (event) => chart.point(findings(event) ? Number(findings(event).dataset.pointsAt) : null);
      for (const type of ['pointerover', 'focusin']) document.addEventListener(type, point);
      document.addEventListener('click', (event) => {
        const link = event.target.closest('[data-photo]');
        if (link) {
          event.preventDefault();
          if (!photoViews.includes(viewInFront())) showView('time');
          this.goTo(Number(link.dataset.photo));
          document.getElementById('scrub').focus();
        } else if (findings(event) && !event.target.closest('button, a, form')) {
          this.goTo(Number(findings(event).dataset.pointsAt));
        }
      });
    },
  };
};
