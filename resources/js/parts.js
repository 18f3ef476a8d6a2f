/**
 * Puts each part of an answer in the place of the one with its name. Parts that say what they said are left alone, so that nothing in
 * them is lost or flickers. A field that somebody typed in since the question left keeps its text, its focus and its caret.
 *
 * @param {string} html
 * @param {number} asked when the question left, by `touches`
 * @param {?string} only the id of the one part wanted of a whole page
 * @param {{prepare?: (content: DocumentFragment) => void, later?: Map<string, () => void>}} how prepare takes out what is not put in place as a part; later
 *     takes what is not to be seen now
 * @param {(field: Element) => boolean} isAbout whether the question was about a field: what was refused in any other stays, with its message
 */
export function putInPlace(html, asked, only = null, isAbout = () => true, { prepare = () => {}, later = null } = {}) {
  const template = document.createElement('template');
  template.innerHTML = html;
  prepare(template.content);
  const parts = only === null ? [...template.content.children] : [template.content.getElementById(only)].filter(Boolean);
  // Asked of all before the first is replaced: between two changes, the page's styles would be worked out anew for each answer.
  const unseen = new Set(later ? parts.filter(({ id }) => document.getElementById(id)?.matches('section') && !document.getElementById(id).checkVisibility()) : []);
  for (const part of parts) {
    const old = document.getElementById(part.id);
    later?.delete(part.id);
    if (!old || old.isEqualNode(part)) continue;
    if (unseen.has(part)) {
      later.set(part.id, () => replace(document.getElementById(part.id), part, asked, isAbout));
      continue;
    }
    replace(old, part, asked, isAbout);
  }
}

function replace(old, part, asked, isAbout) {
  if (!old) return;
  // What was folded out stays so when its part is drawn again.
  old.querySelectorAll('details[open][id]').forEach(({ id }) => part.querySelector(`#${CSS.escape(id)}`)?.setAttribute('open', ''));
  // What was not there before was just asked for: it is open to be filled in.
  part.querySelectorAll('details.fold[id]').forEach((fold) => { if (!document.getElementById(fold.id)) fold.open = true; });
  const kept = typedSince(old, asked, isAbout);
  const stood = standingIn(old);
  old.replaceWith(part);
  window.htmx?.process(part);
  kept.forEach(putBack);
  if (stood) standAgain(part, stood);
}

const reachable = (part) => [...part.querySelectorAll('a[href], button:not([disabled]), input:not([type=hidden]), select, textarea, summary')]
  .filter((element) => element.getClientRects().length > 0);

/** Where the keyboard is in a part that is about to be drawn again. */
function standingIn(part) {
  const at = document.activeElement;
  return part.contains(at) && at !== part ? { id: at.id, place: reachable(part).indexOf(at) } : null;
}

/** The same button, or the one that came into its place when it went. */
function standAgain(part, { id, place }) {
  if (document.activeElement !== document.body) return;
  const same = id !== '' ? document.getElementById(id) : null;
  const all = reachable(part);
  (same ?? all[Math.min(Math.max(place, 0), all.length - 1)])?.focus({ preventScroll: true });
}

let clock = 0;

/** Counts what is typed, anywhere: later is more. */
export function touches() {
  return clock;
}

export function followTouches() {
  for (const type of ['input', 'change']) {
    document.addEventListener(type, ({ target }) => {
      clock += 1;
      target.touchedAt = clock;
    }, true);
  }
}

export function touchedSince(field, asked) {
  return (field.touchedAt ?? 0) > asked;
}

const slotOf = (field) => document.getElementById(field.getAttribute('aria-describedby'));

function typedSince(part, asked, isAbout) {
  const isRefused = (field) => field.getAttribute('aria-invalid') === 'true' && !isAbout(field);
  return [...part.querySelectorAll('input[id]:not([type=hidden]):not([type=file]), select[id], textarea[id]')]
    .filter((field) => touchedSince(field, asked) || field === document.activeElement || isRefused(field))
    .map((field) => ({
      id: field.id, value: field.value, checked: field.checked, typed: touchedSince(field, asked) || isRefused(field), refused: isRefused(field) ? slotOf(field)?.textContent : null, touchedAt: field.touchedAt, stood: field.dataset.stood,
      focus: field === document.activeElement, caret: field.type === 'text' && field === document.activeElement ? [field.selectionStart, field.selectionEnd] : null,
    }));
}

function putBack({ id, value, checked, typed, refused, touchedAt, stood, focus, caret }) {
  const field = document.getElementById(id);
  if (!field) return;
  if (typed) {
    field.value = value;
    if (checked !== undefined) field.checked = checked;
    field.touchedAt = touchedAt;
    if (refused !== null) {
      field.setAttribute('aria-invalid', 'true');
      if (slotOf(field)) slotOf(field).textContent = refused;
    }
    if (stood !== undefined) field.dataset.stood = stood;
  }
  if (focus) {
    field.focus({ preventScroll: true });
    if (caret) field.setSelectionRange(...caret);
  }
}
