/** A place that was found by its name fills the fields of the shoot's place; the browser's own zone is proposed where none is known. */
export function followPlaces() {
  const write = (name, text) => {
    const field = document.getElementById(`f-place-${name}`);
    field.value = text;
    field.dispatchEvent(new Event('input', { bubbles: true }));
  };
  const zone = document.getElementById('f-place-zone');
  if (zone.value === '') write('zone', Intl.DateTimeFormat().resolvedOptions().timeZone ?? '');
  // Enter is for what was found: the form is saved by its own button.
  document.getElementById('f-find-place').addEventListener('keydown', (event) => {
    if (event.key !== 'Enter') return;
    event.preventDefault();
    document.querySelector('#places-found [data-place]')?.click();
  });
  document.getElementById('places-found').addEventListener('click', ({ target }) => {
    const place = target.closest('[data-place]');
    if (place) ['name', 'latitude', 'longitude', 'zone'].forEach((name) => write(name, place.dataset[name]));
  });
}
