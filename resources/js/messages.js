import { phrase } from './catalogue.js';

/**
 * Ties messages to their fields after each answer, and says aloud what changed.
 */
export function followMessages() {
  const announcer = document.getElementById('announcer');

  /**
   * Puts each message into its field's slot; what has no slot stands above the bench. An answer says
   * nothing of what was typed into fields that it was not about: their messages stay.
   */
  const placeProblems = (sent, looked) => {
    const problems = JSON.parse(document.getElementById('shot-problems')?.textContent ?? '{}');
    const rest = document.getElementById('other-problems');
    const slots = new Map([...document.querySelectorAll('.problem[id^="p-"]')].map((slot) => [slot.id, slot]));
    const wanted = new Map();
    for (const [pointer, message] of Object.entries(problems)) {
      const id = `p-${pointer.slice(1).replaceAll('/', '-')}`;
      if (slots.has(id)) wanted.set(id, message);
      else if (!looked) rest.append(Object.assign(document.createElement('p'), { textContent: pointer === '' ? message : `${pointer}: ${message}` }));
    }
    const fields = new Map([...document.querySelectorAll('[aria-describedby]')].map((field) => [field.getAttribute('aria-describedby'), field]));
    slots.forEach((slot, id) => {
      const field = fields.get(id);
      const stays = field?.matches('.plan-field') && !sent.includes(field.id) && field.value !== (field.dataset.stood ?? field.defaultValue);
      const says = wanted.get(id) ?? (stays ? slot.textContent : '');
      if (slot.textContent !== says) slot.textContent = says;
      if (!field || (says === '') === !field.hasAttribute('aria-invalid')) return;
      if (says === '') field.removeAttribute('aria-invalid');
      else field.setAttribute('aria-invalid', 'true');
    });
    const waiting = [...document.querySelectorAll('.plan-field[aria-invalid]')].some((field) => field.value !== (field.dataset.stood ?? field.defaultValue));
    document.getElementById('unsaved').hidden = !waiting;
    return [...wanted.values(), ...[...rest.children].map((line) => line.textContent)];
  };

  // Buttons outside the parts that were drawn again act on the plan that the page now shows.
  const followRevision = () => {
    const revision = document.getElementById('revision');
    document.querySelectorAll('.live-revision').forEach((field) => { field.value = revision.value; });
  };

  document.body.addEventListener('shot-answered', (event) => {
    const problems = placeProblems(event.detail.fields, event.detail.preview);
    followRevision();
    // While something is only looked at, the verdict alone is said, and only when it turns.
    const verdict = document.querySelector(event.detail.preview ? '#verdict .says strong' : '#verdict .says')?.textContent ?? '';
    const notice = document.querySelector('#notice:not([hidden]) .notice-text')?.textContent ?? '';
    const said = event.detail.ok && problems.length === 0 ? `${event.detail.preview ? '' : notice} ${verdict}`.replace(/\s+/g, ' ').trim() : problems.join(' ');
    if (announcer.textContent !== said) announcer.textContent = said;
    // The button that was pressed may be gone with what it mended: the keyboard goes on from the verdict.
    if (document.activeElement === document.body) document.getElementById('verdict')?.focus({ preventScroll: true });
  });

  // What is asked for beside the bench: pages of a table, a shot moved on the day, a tick on a list.
  const trouble = document.getElementById('trouble');
  const say = (words) => {
    trouble.textContent = words;
    trouble.hidden = false;
  };
  document.body.addEventListener('htmx:sendError', () => say(phrase('scripts.all.try_again')));
  document.body.addEventListener('htmx:responseError', ({ detail: { xhr } }) => {
    if (xhr.status >= 500 || xhr.status === 419) say(phrase('scripts.all.reload'));
  });
  document.body.addEventListener('htmx:afterOnLoad', ({ detail: { xhr } }) => {
    if (xhr.status < 400) trouble.hidden = true;
  });
}
