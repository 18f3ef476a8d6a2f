/**
 * Whatever holds the rig: buttons that are held down, a stick, keys, a gamepad. Together they say how fast each axis is to go, as shares of its
 * top speed; nothing held is let go of. So is everything when the page is left, hidden, or loses the focus.
 */
const deadZone = 0.15;
const round = (share) => Math.round(share * 50) / 50;

/** A stick has eight directions: the rig brakes before it takes up another, so it is not to wander between them. */
export function snapped(right, up) {
  const length = Math.min(1, Math.hypot(right, up));
  if (length < deadZone) return [0, 0];
  const eighth = Math.round(Math.atan2(up, right) / (Math.PI / 4));
  const [x, y] = [Math.round(Math.cos((eighth * Math.PI) / 4)), Math.round(Math.sin((eighth * Math.PI) / 4))];
  return [x * round(length), y * round(length)];
}

export function createHands() {
  const held = new Map();
  const listeners = [];
  const tell = () => listeners.forEach((listener) => listener());

  const hold = (source, shares) => {
    const before = JSON.stringify(held.get(source) ?? {});
    if (Object.values(shares).some((share) => share !== 0)) held.set(source, shares);
    else held.delete(source);
    if (JSON.stringify(held.get(source) ?? {}) !== before) tell();
  };
  const letGo = () => {
    if (held.size === 0) return;
    held.clear();
    tell();
  };
  for (const type of ['blur', 'pagehide']) window.addEventListener(type, letGo);
  document.addEventListener('visibilitychange', () => { if (document.hidden) letGo(); });
  document.addEventListener('rig-stop', letGo);

  return {
    hold,
    letGo,
    onChange: (listener) => listeners.push(listener),
    /** @returns {Record<string, number>} by axis id */
    shares() {
      const all = {};
      for (const shares of held.values()) for (const [axis, share] of Object.entries(shares)) all[axis] = Math.max(-1, Math.min(1, (all[axis] ?? 0) + share));
      return Object.fromEntries(Object.entries(all).filter(([, share]) => share !== 0));
    },
  };
}

/** Buttons: whatever happens to the pointer, its end is heard. */
export function followButtons(root, { down, up }) {
  root.addEventListener('pointerdown', (event) => {
    const button = event.target.closest('[data-hold]');
    if (!button || event.button !== 0) return;
    event.preventDefault();
    button.setPointerCapture(event.pointerId);
    button.dataset.down = 'yes';
    const end = () => {
      delete button.dataset.down;
      for (const type of ['pointerup', 'pointercancel', 'lostpointercapture']) button.removeEventListener(type, end);
      up(button);
    };
    for (const type of ['pointerup', 'pointercancel', 'lostpointercapture']) button.addEventListener(type, end);
    down(button);
  });
  root.addEventListener('contextmenu', (event) => { if (event.target.closest('[data-hold], .stick')) event.preventDefault(); });
}

export function followStick(stick, onMove) {
  const knob = stick.querySelector('i');
  const place = (right, up) => {
    knob.style.transform = `translate(${right * 38}%, ${-up * 38}%)`;
  };
  stick.addEventListener('pointerdown', (event) => {
    if (event.button !== 0) return;
    event.preventDefault();
    stick.setPointerCapture(event.pointerId);
    const move = ({ clientX, clientY }) => {
      const box = stick.getBoundingClientRect();
      const [right, up] = [(clientX - box.left - box.width / 2) / (box.width / 2), -(clientY - box.top - box.height / 2) / (box.height / 2)];
      const [x, y] = snapped(right, up);
      place(x, y);
      onMove(x, y);
    };
    const end = () => {
      stick.removeEventListener('pointermove', move);
      for (const type of ['pointerup', 'pointercancel', 'lostpointercapture']) stick.removeEventListener(type, end);
      place(0, 0);
      onMove(0, 0);
    };
    stick.addEventListener('pointermove', move);
    for (const type of ['pointerup', 'pointercancel', 'lostpointercapture']) stick.addEventListener(type, end);
    move(event);
  });
}

/** The left stick as the one on the page, the right one along the first axis; any of the four buttons on the right stops. */
export function followGamepad(isOn, { onStick, onFirst, onStop }) {
  let wasPressed = false;
  const look = () => {
    const pad = isOn() ? [...(navigator.getGamepads?.() ?? [])].find((one) => one?.connected) : null;
    if (pad) {
      onStick(...snapped(pad.axes[0] ?? 0, -(pad.axes[1] ?? 0)));
      onFirst(snapped(pad.axes[2] ?? 0, 0)[0]);
      const isPressed = [0, 1, 2, 3].some((n) => pad.buttons[n]?.pressed);
      if (isPressed && !wasPressed) onStop();
      wasPressed = isPressed;
    }
    if (isOn()) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}
