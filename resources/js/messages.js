import Alpine from 'alpinejs';

/**
 * Ties messages to their fields after each answer, says aloud what changed, and says when the server does not answer.
 */
export function followMessages() {
  const trouble = document.getElementById('trouble');
  const announcer = document.getElementById('announcer');

  const markFields = () => {
    document.querySelectorAll('.problem').forEach((slot) => {
      const field = document.querySelector(`[aria-describedby="${slot.id}"]`);
      if (!field) return;
      if (slot.textContent.trim() === '') field.removeAttribute('aria-invalid');
      else field.setAttribute('aria-invalid', 'true');
    });
  };

  // Buttons outside the parts that were drawn again act on the plan that the page now shows.
  const followRevision = () => {
    const revision = document.getElementById('revision');
    document.querySelectorAll('.live-revision').forEach((field) => { field.value = revision.value; });
  };

  const announce = () => {
    const problems = [...document.querySelectorAll('.problem')].map((slot) => slot.textContent.trim()).filter(Boolean);
    const verdict = document.querySelector('#verdict .says');
    announcer.textContent = problems.length ? problems.join(' ') : (verdict?.textContent ?? '').replace(/\s+/g, ' ').trim();
  };

  const say = (message) => {
    trouble.textContent = message;
    trouble.hidden = message === '';
  };

  document.body.addEventListener('htmx:afterSettle', () => {
    markFields();
    followRevision();
  });
  document.body.addEventListener('htmx:afterRequest', (event) => {
    if (event.detail.xhr.status > 0 && event.detail.xhr.status < 500) say('');
    if (event.detail.successful || event.detail.xhr.status === 422) {
      markFields();
      announce();
    }
  });
  // The button that was pressed may be gone with what it mended: the keyboard goes on from the verdict.
  document.body.addEventListener('htmx:afterSettle', () => {
    if (document.activeElement === document.body) document.getElementById('verdict')?.focus({ preventScroll: true });
  });
  document.body.addEventListener('htmx:sendError', () => {
    say('Evrent does not answer. What you typed is still here; once it runs again, change any number to save it.');
  });
  document.body.addEventListener('htmx:responseError', (event) => {
    const old = event.detail.xhr.status === 419;
    say(old
      ? 'This page has been open for too long to save. Note what you changed and open the shot again.'
      : 'Evrent could not do that. Your shot is as it was before; details are in storage/logs.');
  });

  // Anything that names a photo puts the cursor on it.
  document.body.addEventListener('click', (event) => {
    const link = event.target.closest('[data-photo]');
    if (!link) return;
    event.preventDefault();
    Alpine.store('cursor').photo = Number(link.dataset.photo);
    document.getElementById('scrub')?.focus();
  });
}
