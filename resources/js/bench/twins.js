/**
 * A field that stands in two views: the twin sends what is typed in it to the field proper, and shows what that shows, its message too.
 */
export function followTwins() {
  const proper = (twin) => document.getElementById(twin.dataset.twin);
  for (const type of ['input', 'change']) {
    document.addEventListener(type, (event) => {
      if (!event.target.matches('.twin')) return;
      const field = proper(event.target);
      if (!field) return;
      field.value = event.target.value;
      field.dispatchEvent(new Event(type, { bubbles: true }));
    });
  }
  const follow = () => document.querySelectorAll('.twin').forEach((twin) => {
    const field = proper(twin);
    if (!field) return;
    if (twin !== document.activeElement || field.getAttribute('aria-invalid') !== 'true') twin.value = field.value;
    const said = document.getElementById(field.getAttribute('aria-describedby'))?.textContent ?? '';
    const slot = document.getElementById(twin.getAttribute('aria-describedby'));
    if (slot.textContent !== said) slot.textContent = said;
    if (said === '') twin.removeAttribute('aria-invalid');
    else twin.setAttribute('aria-invalid', 'true');
  });
  document.body.addEventListener('shot-answered', follow);
  document.addEventListener('focusout', (event) => { if (event.target.matches('.twin')) follow(); });
  follow();
}
