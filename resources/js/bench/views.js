/**
 * The views of a shot: all are on the page, one is in front. Each has an address of its own, and stands where it was left.
 */
const shot = () => document.getElementById('shot');
const left = new Map();
const listeners = [];

export const viewInFront = () => shot()?.dataset.view ?? null;

/** Says when another view comes to the front. @param {(name: string) => void} listener */
export function onView(listener) {
  listeners.push(listener);
}

const keep = (name, value) => {
  try {
    sessionStorage.setItem(name, value);
  } catch {
    // Without a store, a view is where it was left as long as the page lives.
  }
};

const read = (name) => {
  try {
    return sessionStorage.getItem(name);
  } catch {
    return null;
  }
};

const addressOf = (name) => `${shot().dataset.path}/${name}`;
const lastOf = () => `evrent:view:${shot().dataset.shot}`;

/**
 * Brings a view to the front.
 *
 * @param {string} name
 * @param {{address?: 'push' | 'replace' | 'as it is', scroll?: boolean}} how
 */
export function showView(name, { address = 'push', scroll = true } = {}) {
  const bench = shot();
  if (!bench || !document.getElementById(`view-${name}`)) return;
  const before = bench.dataset.view;
  const changes = before !== name;
  if (changes) left.set(before, scrollY);
  bench.dataset.view = name;
  const [, ...rest] = document.title.split(' · ');
  document.title = [name[0].toUpperCase() + name.slice(1), ...rest].join(' · ');
  markTabs();
  keep(lastOf(), name);
  if (address !== 'as it is') history[address === 'push' && changes ? 'pushState' : 'replaceState'](null, '', addressOf(name));
  if (!changes) return;
  if (scroll) scrollTo(0, left.get(name) ?? 0);
  listeners.forEach((listener) => listener(name));
}

function markTabs() {
  document.querySelectorAll('#tabs a').forEach((tab) => {
    if (tab.dataset.toView === viewInFront()) tab.setAttribute('aria-current', 'page');
    else tab.removeAttribute('aria-current');
  });
}

/** The views' marks are written into the tabs that stand there: one that is being pressed is not taken away from under the finger. */
export function takeMarks(content) {
  content.querySelectorAll('#tabs a').forEach((told) => {
    const tab = document.querySelector(`#tabs a[data-to-view=${told.dataset.toView}]`);
    if (!tab || tab.dataset.mark === told.dataset.mark) return;
    tab.dataset.mark = told.dataset.mark;
    tab.title = told.title;
    tab.querySelector('.tab-told').textContent = told.querySelector('.tab-told').textContent;
  });
  content.getElementById('tabs')?.remove();
}

/** Brings what stands in another view, or is folded away, to where it can be seen and have the focus. */
export function reveal(element) {
  const view = element.closest('.sentence-place') ? 'time' : element.closest('.view')?.id.replace('view-', '');
  if (view) showView(view, { scroll: false });
  else if (element.dataset.ofView) showView(element.dataset.ofView, { scroll: false });
  if (element.matches('details')) element.open = true;
  for (let folded = element.closest('details:not([open])'); folded; folded = folded.parentElement.closest('details:not([open])')) folded.open = true;
}

/** Brings a place on the page to the front and gives it the focus. */
export function goTo(element) {
  reveal(element);
  element.scrollIntoView({ block: 'nearest' });
  if (!element.matches('input, select, textarea, a, button, summary') && !element.hasAttribute('tabindex')) element.tabIndex = -1;
  element.focus({ preventScroll: true });
  if (element.matches('input[type=text]')) element.select();
}

export function followViews() {
  if (!shot()) return;
  if (matchMedia('(max-width: 768px)').matches) document.querySelectorAll('[data-closed-on-phone]').forEach((part) => part.removeAttribute('open'));
  const isBase = window.location.pathname === shot().dataset.path;
  const wanted = window.location.hash.length > 1 ? document.getElementById(window.location.hash.slice(1)) : null;
  if (wanted) goTo(wanted);
  else showView(isBase ? read(lastOf()) ?? viewInFront() : viewInFront(), { address: 'replace' });

  document.addEventListener('click', (event) => {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.shiftKey) return;
    const tab = event.target.closest('[data-to-view]');
    if (tab) {
      event.preventDefault();
      showView(tab.dataset.toView);
      return;
    }
    const link = event.target.closest('a[href^="#"]:not([data-photo], .skip)');
    const place = link && document.getElementById(link.getAttribute('href').slice(1));
    if (place) {
      event.preventDefault();
      goTo(place);
    }
    const then = event.target.closest('[data-then-view]');
    if (then) showView(then.dataset.thenView);
  });
  document.addEventListener('keydown', (event) => {
    const tab = event.altKey && !event.ctrlKey && !event.metaKey && !event.shiftKey && document.querySelectorAll('#tabs a')[Number(event.code.replace('Digit', '')) - 1];
    if (!tab || document.querySelector('dialog[open]')) return;
    event.preventDefault();
    showView(tab.dataset.toView);
    document.getElementById(`view-${tab.dataset.toView}`).focus({ preventScroll: true });
  });
  window.addEventListener('popstate', () => {
    const name = window.location.pathname.split('/').at(-1);
    showView(document.getElementById(`view-${name}`) ? name : 'time', { address: 'as it is' });
  });
}
