// With a query it is a module of its own: the card is one file that works alone, and shares no chunk with the pages.
import { phrase } from './catalogue.js?card';

/**
 * A card on a phone with no network: counts down to what is next, and shows what is to be turned large when its time comes. A shot that began
 * earlier or later than planned moves all of its moments.
 */
const cueShowsFor = 25;
const warnsBefore = 30;

const root = document.documentElement;
document.querySelector('[data-look-next]').addEventListener('click', ({ target }) => {
  root.dataset.look = root.dataset.look === 'day' ? 'night' : 'day';
  target.textContent = phrase(root.dataset.look === 'day' ? 'scripts.card.night' : 'scripts.card.day');
});

/** Hours, minutes and seconds as a clock shows them; days where it is that long. */
function span(seconds) {
  const whole = Math.max(0, Math.ceil(seconds));
  const [hours, minutes, rest] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60];
  const two = (number) => String(number).padStart(2, '0');
  if (hours >= 48) return phrase('scripts.card.days', { days: Math.floor(hours / 24) });
  return hours > 0 ? `${hours}:${two(minutes)}:${two(rest)}` : `${minutes}:${two(rest)}`;
}

class Card {
  constructor(part) {
    this.part = part;
    this.moments = [...part.querySelectorAll('.moments li')].map((line) => ({
      line, at: Number(line.dataset.at), says: line.querySelector('span').textContent, isCue: line.classList.contains('is-cue'), isFirst: 'first' in line.dataset,
    }));
    this.name = `evrent:card:${part.dataset.card}:${this.moments[0]?.at}`;
    this.shift = Number(this.kept() ?? 0);
    this.told = null;
    part.querySelector('.shift')?.addEventListener('click', ({ target }) => this.move(target.dataset.shift));
  }

  kept() {
    try {
      return localStorage.getItem(this.name);
    } catch {
      return null;
    }
  }

  move(by) {
    if (by === undefined) return;
    const first = this.moments.find(({ isFirst }) => isFirst);
    if (by === 'none') this.shift = 0;
    else this.shift = by === 'started' ? Date.now() / 1000 - first.at : this.shift + Number(by);
    try {
      localStorage.setItem(this.name, String(this.shift));
    } catch {
      // Where nothing may be kept it holds as long as the page is open.
    }
    this.show();
  }

  show() {
    const now = Date.now() / 1000;
    const left = ({ at }) => at + this.shift - now;
    const next = this.moments.find((one) => left(one) > 0);
    for (const one of this.moments) {
      one.line.classList.toggle('is-over', left(one) <= 0);
      one.line.classList.toggle('is-next', one === next);
    }
    const part = (name) => this.part.querySelector(`[data-${name}]`);
    part('next').textContent = next ? next.says : phrase('scripts.card.over');
    part('left').textContent = next ? span(left(next)) : '';
    const after = this.moments[this.moments.indexOf(next) + 1];
    part('after').textContent = next && after ? phrase('scripts.card.then', { what: after.says, span: span(after.at - next.at) }) : '';
    const minutes = Math.round(Math.abs(this.shift) / 60);
    const by = minutes < 1 ? phrase('scripts.card.under_a_minute') : phrase('scripts.card.minutes', { minutes });
    part('shifted').textContent = Math.abs(this.shift) < 1 ? '' : phrase(this.shift > 0 ? 'scripts.card.later' : 'scripts.card.earlier', { by });
    this.cue(this.moments.find((one) => one.isCue && left(one) <= warnsBefore && left(one) > -cueShowsFor), left);
  }

  cue(due, left) {
    const shown = this.part.querySelector('[data-cue]');
    shown.hidden = !due;
    if (!due) return;
    const isNow = left(due) <= 0;
    shown.textContent = isNow ? due.says : phrase('scripts.card.soon', { span: span(left(due)), what: due.says });
    const key = `${due.at} ${isNow}`;
    if (this.told !== key) navigator.vibrate?.(isNow ? [300, 100, 300] : 100);
    this.told = key;
  }
}

const cards = [...document.querySelectorAll('[data-card]')].filter((part) => part.querySelector('[data-now]')).map((part) => new Card(part));
const tick = () => cards.forEach((card) => card.show());
tick();
setInterval(tick, 500);
// A phone that sleeps shows no cue; where it cannot be kept awake, its own settings do it.
const stayAwake = () => navigator.wakeLock?.request('screen').catch(() => {});
stayAwake();
document.addEventListener('visibilitychange', () => {
  if (document.visibilityState !== 'visible') return;
  stayAwake();
  tick();
});
