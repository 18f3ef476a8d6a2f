/**
 * Stop, on every page of a shot: works whoever drives the rig. Beside it stands whether anything moves, asked for every few seconds.
 */
const askEveryMilliseconds = 3_000;

export function followStop(form) {
  const line = form.querySelector('[data-stop-state]');
  const say = (text, isMoving) => {
    if (line.textContent !== text) line.textContent = text;
    form.dataset.moves = isMoving ? 'yes' : 'no';
  };
  const look = async () => {
    if (document.visibilityState !== 'visible') return;
    try {
      const response = await fetch(form.dataset.at, { headers: { Accept: 'application/json', 'HX-Request': 'true' }, credentials: 'same-origin', cache: 'no-store' });
      if (!response.ok) return;
      const { moves, take, check, in_hand: isInHand } = await response.json();
      if (take) say('A take has the rig. It moves by itself: keep clear.', true);
      else if (moves || check) say('The rig moves. Keep hands clear.', true);
      else say(isInHand ? 'The rig is connected: it may move.' : '', false);
    } catch {
      // Without a link nothing is known: what was said last is old.
      say('', false);
    }
  };
  form.addEventListener('submit', async (event) => {
    event.preventDefault();
    say('Stopping …', true);
    document.dispatchEvent(new CustomEvent('rig-stop'));
    try {
      const response = await fetch(form.action, { method: 'POST', headers: { Accept: 'application/json', 'HX-Request': 'true' }, credentials: 'same-origin', keepalive: true });
      say((await response.json()).stopped ?? 'Stopped.', false);
    } catch {
      say('Evrent does not answer: the stop did not get through. Use the switch on the rig.', true);
    }
  });
  setInterval(look, askEveryMilliseconds);
  look();
}
