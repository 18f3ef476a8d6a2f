const phaseNames = { head: 'standing before', move: 'on the way', hold: 'held', tail: 'standing after' };

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

  take(data) {
    this.columns = data.columns;
    this.axes = data.axes;
    this.photos = data.photos;
    this.fps = data.fps;
    this.mode = data.mode;
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

  position(axis) {
    const position = this.value(`position:${axis}`);
    return position === undefined ? '–' : Number(position).toFixed(2).replace('-', '−');
  },

  seconds(name) {
    const seconds = this.value(name);
    return seconds === null || seconds === undefined ? '–' : `${Number(seconds.toFixed(seconds < 0.1 ? 4 : 2))} s`;
  },

  segment(start, length) {
    return `--from: ${start === '0' ? 0 : this.value(start) ?? 0}; --for: ${this.value(length) ?? 0}`;
  },

  get phaseName() {
    return phaseNames[this.value('phase')] ?? '';
  },

  get fits() {
    const slack = this.value('slack');
    return slack === null || slack === undefined || slack > -1e-9;
  },

  get slackText() {
    const slack = this.value('slack');
    if (slack === null || slack === undefined) return 'the last photo';
    return this.fits ? `${slack.toFixed(2)} s to spare` : `${Math.abs(slack).toFixed(2)} s short`;
  },
});
