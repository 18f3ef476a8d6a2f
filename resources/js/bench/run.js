import { axisName, decimal, phrase } from '../catalogue.js';

/** Degrees stand close to their number, all other units apart. */
export const withUnit = (text, unit) => `${text}${unit === '°' ? '' : ' '}${unit}`;

/** A position of an axis as it is read. */
export const inUnit = (value, axis) => withUnit(decimal(value * axis.shown, 3), axis.unit);

/**
 * The run as the server computed it, and the photo under the cursor. All numbers come from the server, one column for each
 * quantity; here they are only looked up.
 */
export const run = () => ({
  columns: {},
  axes: [],
  photos: 1,
  photo: 1,
  fps: 24,
  mode: '',
  placed: false,
  bands: [],

  take(data) {
    this.columns = data.columns;
    this.axes = data.axes;
    this.photos = data.photos;
    this.fps = data.fps;
    this.mode = data.mode;
    this.bands = data.bands;
    if (!this.placed) this.photo = data.tightest;
    this.placed = true;
    this.photo = Math.min(Math.max(1, this.photo), data.photos);
  },

  at(name, photo) {
    const column = this.columns[name];
    return Array.isArray(column) ? column[photo - 1] : column;
  },

  value(name) {
    return this.at(name, this.photo);
  },

  /** Where the camera is for a photo and how it looks: all that the server tells of it, by name. */
  pose(photo) {
    const told = Object.keys(this.columns).filter((name) => name.startsWith('pose:'));
    return Object.fromEntries(told.map((name) => [name.slice('pose:'.length), this.at(name, photo)]));
  },

  nameOf: axisName,

  /** Words of the bench, for what is drawn on the page: of an axis, and of how far a step takes it. */
  label: (key, axis, step) => phrase(key, { axis: axis ? axisName(axis.id) : '', step: step ?? '' }),

  /** The photo under the cursor for whoever hears it. */
  get cursorText() {
    return phrase('scripts.bench.cursor', { photo: this.photo, phase: this.phaseName, clock: this.clock, slack: this.slackText });
  },

  /** Where an axis stands, with its unit. */
  position(axisId) {
    const position = this.value(`position:${axisId}`);
    const axis = this.axes.find(({ id }) => id === axisId);
    return position === undefined ? '–' : withUnit(decimal(position * axis.shown, 2, 2), axis.unit);
  },

  get hasLight() {
    return this.columns['light:ev'] !== undefined;
  },

  /** What the photo under the cursor finds and gets, in words. */
  get lightWords() {
    if (!this.hasLight) return { exposure: '', iso: '', error: '' };
    const error = this.value('light:error');
    return {
      exposure: `EV ${decimal(this.value('light:ev'), 1, 1)}`,
      iso: String(Math.round(this.value('light:iso'))),
      error: phrase('scripts.bench.stops', { stops: `${error < 0.05 ? '' : '+'}${decimal(Math.abs(error) < 0.05 ? 0 : error, 1, 1)}` }),
    };
  },

  seconds(name) {
    const seconds = this.value(name);
    return seconds === null || seconds === undefined ? '–' : `${decimal(seconds, seconds < 0.1 ? 4 : 2)} s`;
  },

  segment(start, length) {
    return `--from: ${start === '0' ? 0 : this.value(start) ?? 0}; --for: ${this.value(length) ?? 0}`;
  },

  get phaseName() {
    const trigger = this.value('trigger') ?? 0;
    const band = this.bands.findLast(([, from]) => from <= trigger + 1e-3);
    return band ? phrase(`scripts.bench.phase_${band[0]}`) : '';
  },

  /** When the photo is triggered, as a stopwatch shows it. */
  get clock() {
    const tenths = Math.round((this.value('trigger') ?? 0) * 10);
    const [hours, minutes, rest] = [Math.floor(tenths / 36_000), Math.floor(tenths / 600) % 60, decimal((tenths % 600) / 10, 1, 1).padStart(4, '0')];
    return hours > 0 ? `${hours}:${String(minutes).padStart(2, '0')}:${rest}` : `${minutes}:${rest}`;
  },

  get fits() {
    const slack = this.value('slack');
    return slack === null || slack === undefined || slack > -1e-9;
  },

  get slackText() {
    return this.slackTextAt(this.photo);
  },

  slackTextAt(photo) {
    const slack = this.at('slack', photo);
    if (slack === null || slack === undefined) return phrase('scripts.bench.last_photo');
    return phrase(slack > -1e-9 ? 'scripts.bench.slack' : 'scripts.bench.short', { seconds: decimal(Math.abs(slack), 2, 2) });
  },
});
