import { phrase } from './catalogue.js';

const step = { coarse: 300, fine: 60, noon: 43_200, reach: 24 };

/** What the clock there shows so many seconds after the first midnight. */
const clockAt = ({ midnight, zone, twelve }, seconds) => new Date((Number(midnight) + seconds) * 1_000)
  .toLocaleTimeString('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit', hour12: twelve === 'yes' });

/**
 * Shots on the day line: dragged, or moved by keys. Where they come to lie is worked out by the server, which sends the day again.
 *
 * @param {typeof import('./forms.js').sendPart} sendPart given, and not asked for: no other page is to wait for a file that both are parted into
 */
export const dayLine = (sendPart) => () => ({
  text: '',
  tracks: { sun: false, moon: false, galactic_centre: false },
  left: 0,
  top: 0,

  init() {
    this.$root.addEventListener('pointerdown', (event) => this.take(event));
    this.$root.addEventListener('keydown', (event) => this.key(event));
    this.$root.dataset.ready = 'yes';
  },

  take(event) {
    const loose = event.target.closest('.stay-loose');
    if (loose && event.button === 0) this.takeLoose(event, loose);
    const bar = event.target.closest('.stay');
    if (!bar || event.button !== 0) return;
    event.preventDefault();
    bar.focus();
    const track = bar.closest('.bars').getBoundingClientRect();
    const span = Number(bar.closest('.bars').dataset.span);
    const secondsFor = (pixels) => Math.round(((pixels / track.width) * span) / step.fine) * step.fine;
    let by = 0;
    bar.setPointerCapture(event.pointerId);
    const move = ({ clientX }) => {
      by = secondsFor(clientX - event.clientX);
      bar.style.translate = `${(by / span) * track.width}px 0`;
      this.say(bar, by);
    };
    const drop = () => {
      bar.removeEventListener('pointermove', move);
      this.text = '';
      if (by !== 0) this.move(bar, by);
    };
    bar.addEventListener('pointermove', move);
    bar.addEventListener('pointerup', drop, { once: true });
    bar.addEventListener('pointercancel', () => {
      by = 0;
      bar.style.translate = '';
      drop();
    }, { once: true });
  },

  /** A shot without a start is dropped where it is to begin. */
  takeLoose(event, loose) {
    event.preventDefault();
    loose.focus();
    loose.setPointerCapture(event.pointerId);
    const { bars } = this.$refs;
    const plot = loose.closest('.sky-plot').getBoundingClientRect();
    let seconds = null;
    const move = ({ clientX, clientY }) => {
      const track = bars.getBoundingClientRect();
      const isOver = clientX >= track.left && clientX <= track.right && clientY >= plot.top && clientY <= track.bottom + step.reach;
      seconds = isOver ? Math.round((((clientX - track.left) / track.width) * Number(bars.dataset.span)) / step.coarse) * step.coarse : null;
      loose.style.translate = `${clientX - event.clientX}px ${clientY - event.clientY}px`;
      this.text = seconds === null ? phrase('scripts.day.off') : phrase('scripts.day.starts', { clock: clockAt(bars.dataset, seconds) });
      this.left = Math.min(plot.width - 70, Math.max(70, clientX - plot.left));
      this.top = clientY - plot.top - 50;
    };
    const end = (isDrop) => () => {
      loose.removeEventListener('pointermove', move);
      this.text = '';
      if (isDrop && seconds !== null) this.put(loose, seconds);
      else loose.style.translate = '';
    };
    loose.addEventListener('pointermove', move);
    loose.addEventListener('pointerup', end(true), { once: true });
    loose.addEventListener('pointercancel', end(false), { once: true });
  },

  key(event) {
    const loose = event.target.closest?.('.stay-loose');
    if (loose && event.key === 'Enter') {
      event.preventDefault();
      this.put(loose, step.noon);
      return;
    }
    const bar = event.target.closest?.('.stay');
    const direction = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!bar || !direction) return;
    event.preventDefault();
    this.move(bar, direction * (event.shiftKey ? step.fine : step.coarse));
  },

  /** Thin lines of how high something stands, switched on and off. */
  toggleTrack(target) {
    this.tracks[target] = !this.tracks[target];
  },

  get shownTracks() {
    return Object.keys(this.tracks).filter((target) => this.tracks[target]).join(' ');
  },

  say(bar, by) {
    const minutes = Math.round(Math.abs(by) / 60);
    const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
    const span = hours ? phrase('scripts.day.hours', { hours, minutes: rest }) : phrase('scripts.day.minutes', { minutes: rest });
    this.text = by === 0 ? phrase('scripts.day.same') : phrase(by < 0 ? 'scripts.day.earlier' : 'scripts.day.later', { span });
    const plot = bar.closest('.sky-plot').getBoundingClientRect();
    const run = bar.querySelector('.stay-run').getBoundingClientRect();
    this.left = Math.min(plot.width - 70, Math.max(70, run.left + run.width / 2 - plot.left));
    this.top = run.top - plot.top - 26;
  },

  move(bar, by) {
    return this.put(bar, Number(bar.dataset.begins) + by);
  },

  /** @param {number} seconds from the first midnight, where its first photo is to be */
  async put(bar, seconds) {
    const { id, dataset } = bar;
    await sendPart({ url: dataset.url, values: [['_method', 'put'], ['revision', dataset.revision], ['to_s', String(seconds)]], part: 'day', focus: id });
    bar.style.translate = '';
  },
});
