import { phrase } from '../catalogue.js';

/** A figure that is pressed shows how it is worked out, beside the page. */
export function listenForSums() {
  document.addEventListener('click', async (event) => {
    const link = event.target.closest('a[data-sum]');
    const shown = document.getElementById('sum-shown');
    if (!link || !shown?.showPopover || event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    const answer = await fetch(link.href, { headers: { 'HX-Request': 'true' } }).catch(() => null);
    if (answer?.ok) shown.innerHTML = await answer.text();
    else shown.textContent = phrase('scripts.all.try_again');
    shown.showPopover();
    shown.focus();
  });
}
