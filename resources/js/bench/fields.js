import { dropPreviews, send } from './channel.js';

/** For each figure that may follow from the other two, the one that follows instead when it is to be held. */
const nextToFollow = { photos: 'shooting', interval: 'shooting', shooting: 'interval' };

const restMilliseconds = 160;

/**
 * The sentence and the fields. While something is typed, the page shows what would become of the shot; half a number shows
 * nothing, and is not complained of before the field is left. What is typed is sent when the field is left, with all others as they stand; what comes back
 * is written into the fields that nobody is typing in.
 */
export const fields = () => ({
  listenForFields() {
    document.addEventListener('change', (event) => {
      const field = event.target.closest('.plan-field');
      if (field) this.fieldChanged(field);
    });
    document.addEventListener('input', (event) => {
      const field = event.target.closest('input.plan-field');
      if (!field) return;
      clearTimeout(this.typingTimer);
      this.typingTimer = setTimeout(() => this.sendFields(this.nameOf(field.name), { preview: true }), restMilliseconds);
    });
    document.addEventListener('focusout', (event) => {
      // Typed and taken back again: no change, and nothing left to look at.
      if (event.target.matches('input.plan-field') && event.target.value === event.target.dataset.stood && !this.interval.text) {
        clearTimeout(this.typingTimer);
        this.leavePreview();
      }
    });
    const form = document.getElementById('plan');
    form.addEventListener('submit', (event) => {
      event.preventDefault();
      if (document.activeElement?.matches('.plan-field') && document.activeElement.value !== document.activeElement.dataset.stood) this.fieldChanged(document.activeElement);
    });
  },

  fieldChanged(field, options = {}) {
    clearTimeout(this.typingTimer);
    dropPreviews();
    const changed = this.nameOf(field.name);
    if (changed === 'held.photos' || changed === 'held.clip') {
      this.follow('photos', false);
      document.getElementById('held-count-as').value = changed === 'held.clip' ? 'clip' : 'photos';
    }
    if (changed.startsWith('timing.interval_s')) this.follow('interval', false);
    if (changed === 'held.shooting') this.follow('shooting', false);
    return this.sendFields(changed, options);
  },

  /** @param {Record<string, string>} instead values to send in the place of what stands in the fields */
  sendFields(changed, { preview = false, instead = {} } = {}) {
    return send({
      url: this.$root.dataset.url,
      preview,
      fields: true,
      body: () => {
        const body = new FormData(document.getElementById('plan'));
        body.set('changed', changed);
        Object.entries(instead).forEach(([name, value]) => body.set(name, value));
        return body;
      },
    });
  },

  /** plan[timing][photos] is timing.photos */
  nameOf(name) {
    return name.replace(/^plan\[/, '').replaceAll('][', '.').replaceAll('[', '.').replaceAll(']', '');
  },

  /** Holds a figure, or lets it follow; exactly one of the three follows. */
  pin(figure) {
    const following = document.getElementById('held-free').value;
    this.follow(figure, following !== figure);
    this.sendFields(`held.free`);
  },

  follow(figure, follows) {
    const free = document.getElementById('held-free');
    if (follows) free.value = figure;
    else if (free.value === figure) free.value = nextToFollow[figure];
    this.showPins();
  },

  showPins() {
    const follows = document.getElementById('held-free').value;
    document.querySelectorAll('.pin').forEach((pin) => pin.setAttribute('aria-pressed', String(pin.dataset.figure !== follows)));
    document.querySelectorAll('.figure').forEach((figure) => { figure.dataset.follows = figure.dataset.figure === follows ? 'yes' : 'no'; });
  },

  /**
   * A field that was changed by a person and not taken yet keeps what was typed. What was held keeps the words it was held in,
   * unless the shot now says otherwise.
   */
  fillFields(data) {
    const held = document.getElementById('held-free');
    if (!data.preview) held.value = data.follows;
    this.showPins();
    const following = { photos: '/held/photos', interval: '/timing/interval_s', shooting: '/held/shooting' }[held.value];
    for (const [pointer, text] of Object.entries(data.fields)) {
      const field = document.getElementById(`f-${pointer.slice(1).replaceAll('/', '-')}`);
      if (!field) continue;
      const stood = field.dataset.stood ?? field.defaultValue ?? '';
      const typing = field === document.activeElement && field.value !== stood;
      const refused = field.getAttribute('aria-invalid') === 'true' && field.value !== stood;
      // What is only looked at is told by the figure that follows alone.
      if (data.preview && pointer !== following) continue;
      if (typing) continue;
      if (!refused || field.value === text) field.value = text;
      if (!data.preview) field.dataset.stood = text;
    }
  },
});
