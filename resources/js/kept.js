import { phrase } from './catalogue.js';

/**
 * Pages that were read stay readable while the server is away: `public/worker.js` keeps them. Here it is set up, told what belongs to what
 * is open, and said when a page is an older one.
 */
const restMilliseconds = 1_500;

export function keepPages() {
  sayKept();
  if (!('serviceWorker' in navigator) || !window.isSecureContext) return;
  const list = JSON.parse(document.getElementById('keep')?.textContent ?? '[]');
  const tell = (worker) => worker?.postMessage({
    language: document.documentElement.lang,
    keep: [...new Set([window.location.pathname + window.location.search, ...list, '/not-kept'])],
  });
  navigator.serviceWorker.register('/worker.js').then(() => navigator.serviceWorker.ready).then(({ active }) => {
    if (document.querySelector('meta[name="evrent-kept"]')) return;
    // What is being looked at comes first; on a slow line the rest waits.
    const later = () => setTimeout(() => tell(active), restMilliseconds);
    if (document.readyState === 'complete') later();
    else window.addEventListener('load', later, { once: true });
    document.addEventListener('look-changed', later);
  }).catch(() => {
    // Where it may not be set up, pages are read from the server alone.
  });
}

function sayKept() {
  const at = document.querySelector('meta[name="evrent-kept"]')?.content;
  if (!at) return;
  const trouble = document.getElementById('trouble');
  const clock = new Date(Number(at)).toTimeString().slice(0, 5);
  trouble.textContent = phrase('scripts.all.kept_page', { clock });
  trouble.dataset.by = 'kept';
  trouble.hidden = false;
}
