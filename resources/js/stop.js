import { phrase } from './catalogue.js';

/**
 * Stop, on every page of a shot: works whoever drives the rig. Beside it stands whether anything moves, asked for every few seconds.
 */
const askEveryMilliseconds = 3_000;

export function followStop(form) {
  const line = form.querySelector('[data-stop-state]');
  const say = (words, isMoving) => {
    if (line.textContent !== words) line.textContent = words;
    form.dataset.moves = isMoving ? 'yes' : 'no';
  };
  const look = async () => {
    if (document.visibilityState !== 'visible') return;
    try {
      const response = await fetch(form.dataset.at, { headers: { Accept: 'application/json', 'HX-Request': 'true' }, credentials: 'same-origin', cache: 'no-store' });
      if (!response.ok) return;
      const { moves, take, check, in_hand: isInHand } = await response.json();
      if (take) say(phrase('scripts.stop.take'), true);
      else if (moves || check) say(phrase('scripts.stop.moves'), true);
      else say(isInHand ? phrase('scripts.stop.connected') : '', false);
    } catch {
      // Without a link nothing is known: what was said last is old.
      say('', false);
    }
  };
  form.addEventListener('submit', async (event) => {
    event.preventDefault();
    say(phrase('scripts.stop.stopping'), true);
    document.dispatchEvent(new CustomEvent('rig-stop'));
    try {
      const response = await fetch(form.action, { method: 'POST', headers: { Accept: 'application/json', 'HX-Request': 'true' }, credentials: 'same-origin', keepalive: true });
      say((await response.json()).stopped ?? phrase('scripts.stop.stopped'), false);
    } catch {
      say(phrase('scripts.stop.lost'), true);
    }
  });
  setInterval(look, askEveryMilliseconds);
  look();
}
