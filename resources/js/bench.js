import Alpine from 'alpinejs';

const phaseNames = { head: 'standing before', move: 'on the way', hold: 'held', tail: 'standing after' };

/**
 * The chart's cursor and the interval bar below it. All numbers come from the server, one column for each quantity;
 * here they are only looked up, and styles place them.
 */
export default () => ({
  columns: {},
  triggers: [],

  init() {
    this.columns = JSON.parse(this.$refs.columns.textContent);
    this.triggers = [].concat(this.columns.trigger);
    const cursor = Alpine.store('cursor');
    const scrub = this.$refs.scrub;
    cursor.photo = Math.min(Math.max(cursor.photo ?? Number(scrub.dataset.tightest), 1), Number(scrub.max));
  },

  get photo() {
    return Alpine.store('cursor').photo;
  },

  set photo(number) {
    Alpine.store('cursor').photo = number;
  },

  value(name) {
    const column = this.columns[name];
    return Array.isArray(column) ? column[this.photo - 1] : column;
  },

  position(axis) {
    return Number(this.value(`position:${axis}`)).toFixed(2);
  },

  seconds(name) {
    const seconds = this.value(name);
    return seconds === null || seconds === undefined ? '–' : `${Number(seconds.toFixed(seconds < 0.1 ? 4 : 2))} s`;
  },

  segment(start, length) {
    return `--from: ${start === '0' ? 0 : this.value(start) ?? 0}; --for: ${this.value(length) ?? 0}`;
  },

  get phaseName() {
    return phaseNames[this.value('phase')];
  },

  get fits() {
    const slack = this.value('slack');
    return slack === null || slack > -1e-9;
  },

  get slackText() {
    const slack = this.value('slack');
    if (slack === null) return 'the last photo';
    return this.fits ? `${slack.toFixed(2)} s to spare` : `${Math.abs(slack).toFixed(2)} s short`;
  },

  /** Puts the cursor on the photo whose trigger is the last before the pointer. */
  point(event) {
    if (event.pointerType === 'touch') event.currentTarget.setPointerCapture?.(event.pointerId);
    const plot = this.$refs.staircase.querySelector('.plot');
    const place = new DOMPoint(event.clientX, event.clientY).matrixTransform(plot.getScreenCTM().inverse());
    let low = 0;
    let high = this.triggers.length - 1;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if (this.triggers[middle] <= place.x) low = middle;
      else high = middle - 1;
    }
    this.photo = low + 1;
  },
});
