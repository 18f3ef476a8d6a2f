import { touchedSince, touches } from '../parts.js';
import { dropPreviews, drafts, saveDraft, send, waiting } from './channel.js';
import { reveal } from './views.js';
import { phrase } from '../catalogue.js';

const restMilliseconds = 160;

/** Figures that may follow from what is typed, and so are shown with a change that is only looked at. */
const following = ['/held/photos', '/held/clip', '/held/shooting', '/timing/interval_s', '/timing/photos'];

/** What stands in the fields of a page that has just been drawn, by pointer. */
const drawn = () => Object.fromEntries([...document.querySelectorAll('.plan-field')].map((field) => [
  `/${field.id.slice(2).replaceAll('-', '/')}`,
  field.options ? ([...field.options].find(({ defaultSelected }) => defaultSelected) ?? field.options[0])?.value ?? '' : field.defaultValue,
]));

/** What was selected as a whole stays so: whoever is about to type over it types over what stands there now. */
const write = (field, text) => {
  if (field.value === text) return;
  const isSelected = field === document.activeElement && field.type === 'text' && field.value !== '' && field.selectionStart === 0 && field.selectionEnd === field.value.length;
  field.value = text;
  if (isSelected) field.select();
};

/**
 * The sentence and the fields. While something is typed, the page shows what would become of the shot; half a number shows nothing, and
 * is not complained of before the field is left. What is typed is sent when the field is left, that field alone; what comes back is
 * written into the fields that nobody typed in since the question left.
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
      // What is half typed stands there again when the page is, however it ends.
      this.keepDraft(field);
      clearTimeout(this.typingTimer);
      this.typingTimer = setTimeout(() => this.sendField(field, { preview: true }), restMilliseconds);
    });
    document.addEventListener('focusin', ({ target }) => {
      if (!target.matches('input.plan-field')) return;
      target.focusedAt = touches();
      target.focusedOn = target.value;
    });
    document.addEventListener('focusout', ({ target }) => {
      if (!target.matches('input.plan-field') || this.interval.text || target.value !== target.focusedOn) return;
      clearTimeout(this.typingTimer);
      // The same text as before is no change to the browser. It is one where an edit that is on its way, or came in meanwhile, gives the
      // field another: then what was typed is meant.
      const isMeant = touchedSince(target, target.focusedAt ?? 0) && (target.value !== target.dataset.stood || waiting(this.$root.dataset.shot).length > 0);
      if (isMeant && !this.isWaiting(target)) this.fieldChanged(target);
      // Typed and taken back again: no change, and nothing left to look at.
      else if (target.value === target.dataset.stood) this.leavePreview();
    });
    document.getElementById('plan').addEventListener('submit', (event) => {
      event.preventDefault();
      const field = document.activeElement;
      if (field?.matches('.plan-field') && field.value !== field.dataset.stood && !this.isWaiting(field)) this.fieldChanged(field);
    });
  },

  /** Texts that were left half typed or refused, put back where they were. */
  restoreDrafts() {
    drafts().forEach(([id, text]) => {
      saveDraft(this.$root.dataset.shot, id, null);
      const field = document.getElementById(id);
      if (!field || field.value === text) return;
      field.value = text;
      reveal(field);
      const slot = document.getElementById(field.getAttribute('aria-describedby'));
      if (slot) slot.textContent = phrase('scripts.bench.draft');
      field.setAttribute('aria-invalid', 'true');
      document.getElementById('unsaved').hidden = false;
    });
  },

  keepDraft(field) {
    saveDraft(this.$root.dataset.shot, field.id, field.value === (field.dataset.stood ?? field.defaultValue) ? null : field.value);
  },

  isWaiting(field) {
    return waiting(this.$root.dataset.shot).some((entry) => entry.fields?.includes(field.id));
  },

  fieldChanged(field) {
    clearTimeout(this.typingTimer);
    dropPreviews();
    const sent = this.sendField(field);
    // The outbox has it from here on; refused, it is a draft again.
    saveDraft(this.$root.dataset.shot, field.id, null);
    return sent.then((taken) => {
      if (!taken && field.isConnected) this.keepDraft(field);
      return taken;
    });
  },

  /** @param {?string} text in the place of what stands in the field */
  sendField(field, { preview = false, text = null } = {}) {
    return send({
      url: this.$root.dataset.url,
      preview,
      fields: [field.id],
      names: { [field.id]: field.name },
      values: [['_method', 'put'], [field.name, text ?? field.value]],
    });
  },

  /** Pins a figure, or takes its pin out; which other then follows, the server says. */
  pin(figure) {
    return send({ url: this.$root.dataset.url, values: [['_method', 'put'], ['held[pin]', figure]] });
  },

  /** Types a figure that gave way once more; another gives way then. */
  keep(id, text) {
    return this.sendField(document.getElementById(id), { text });
  },

  /** @param {Object<string, string>} held pinned, typed, free or follows, by figure */
  showPins(held) {
    document.querySelectorAll('.pin').forEach((pin) => {
      pin.title = phrase(`scripts.bench.held_${held[pin.dataset.figure]}`);
      pin.setAttribute('aria-pressed', String(held[pin.dataset.figure] === 'pinned'));
    });
    document.querySelectorAll('.figure').forEach((figure) => { figure.dataset.held = held[figure.dataset.figure]; });
  },

  /**
   * @param {object} data
   * @param {{asked: number, ok: boolean, fields: string[]}} answer when its question left, and which fields it was about
   */
  fillFields(data, { asked = touches(), ok = true, fields: sent = [] } = {}) {
    this.showPins(data.held);
    for (const [pointer, text] of Object.entries(data.fields ?? drawn())) {
      const field = document.getElementById(`f-${pointer.slice(1).replaceAll('/', '-')}`);
      if (!field || this.isWaiting(field)) continue;
      if (touchedSince(field, asked)) {
        // Its text stays; that it is another than what is kept now has to be known when it is left.
        if (!data.preview) field.dataset.stood = text;
        continue;
      }
      const stood = field.dataset.stood ?? field.defaultValue ?? '';
      const typed = field.value !== stood && field.dataset.shown !== field.value;
      if (data.preview) {
        // What is only looked at is told by the figures that follow alone.
        if (!following.includes(pointer) || typed) continue;
        write(field, text);
        field.dataset.shown = text;
        continue;
      }
      delete field.dataset.shown;
      const refused = typed && (field.getAttribute('aria-invalid') === 'true' || sent.includes(field.id) && !ok);
      const typing = typed && field === document.activeElement && !(ok && sent.includes(field.id));
      if (!refused && !typing || field.value === text || ok && sent.includes(field.id)) write(field, text);
      field.dataset.stood = text;
    }
  },
});
