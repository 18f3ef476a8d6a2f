import { Idiomorph } from 'idiomorph';
import { phrase } from './catalogue.js';

/**
 * The run room: keys, alarms that are heard, a screen that stays awake, and a lock against a pocket. All that is known comes from the
 * server, half a second apart; losing this page loses nothing.
 */
const beepEveryMilliseconds = 4_000;
const holdMilliseconds = 1_200;
const cutAfterMilliseconds = 2_000;
const patienceMilliseconds = 4_000;

let sound = null;

/**
 * Where the take stands is changed where it differs, and nowhere else: what somebody types or presses there stays under their hand.
 */
function changeInPlace() {
  document.body.addEventListener('htmx:beforeSwap', ({ detail }) => {
    if (detail.target?.id !== 'now' || !detail.shouldSwap) return;
    detail.shouldSwap = false;
    Idiomorph.morph(detail.target, detail.serverResponse, { morphStyle: 'outerHTML', ignoreActiveValue: true, callbacks: {
      // What was typed and not sent is no news of the server's.
      beforeAttributeUpdated: (name, element) => !(name === 'value' && element.matches('input[type=text]')),
    } });
    window.htmx.process(document.getElementById('now'));
  });
}

/** Short tones, at so many seconds from now; browsers allow them once somebody has touched the page. */
function tones(frequency, gain, seconds, starts) {
  try {
    sound ??= new AudioContext();
    for (const at of starts) {
      const tone = new OscillatorNode(sound, { frequency });
      tone.connect(new GainNode(sound, { gain })).connect(sound.destination);
      tone.start(sound.currentTime + at);
      tone.stop(sound.currentTime + at + seconds);
    }
  } catch {
    // Without sound, screen and vibration are left.
  }
}

function beep() {
  tones(880, 0.2, 0.15, [0, 0.25]);
  navigator.vibrate?.([300, 150, 300]);
}

/** What is heard besides alarms is switched on by whoever wants it, and stays so on this device. */
function followSounds(room) {
  const name = (box) => `evrent:sound:${box.dataset.sound}`;
  const boxes = [...room.querySelectorAll('[data-sound]')];
  for (const box of boxes) {
    try {
      box.checked = localStorage.getItem(name(box)) === 'on';
      box.addEventListener('change', () => localStorage.setItem(name(box), box.checked ? 'on' : 'off'));
    } catch {
      // Without a store it is for this page alone.
    }
  }
  const isOn = (what) => boxes.some((box) => box.dataset.sound === what && box.checked);
  let confirmed = null;
  let asked = '';
  return () => {
    const now = document.getElementById('now');
    const turn = now?.querySelector('[data-turn][data-due=yes]')?.dataset.turn ?? '';
    if (turn !== asked && turn !== '' && isOn('turn')) {
      tones(660, 0.2, 0.12, [0, 0.2, 0.4]);
      navigator.vibrate?.([120, 80, 120, 80, 120]);
    }
    const photos = Number(now?.dataset.confirmed ?? 0);
    if (confirmed !== null && photos > confirmed && isOn('tick')) tones(1_800, 0.05, 0.02, [0]);
    [asked, confirmed] = [turn, photos];
  };
}

function keepAwake() {
  const ask = () => { if (document.visibilityState === 'visible') navigator.wakeLock?.request('screen').catch(() => {}); };
  ask();
  document.addEventListener('visibilitychange', ask);
}

/** A sheet over the page that a pocket does not open: it is held for more than a second. */
function lock() {
  const sheet = document.createElement('button');
  sheet.className = 'room-lock';
  sheet.textContent = phrase('scripts.room.locked');
  let timer;
  const let_ = () => clearTimeout(timer);
  sheet.addEventListener('pointerdown', () => { timer = setTimeout(() => sheet.remove(), holdMilliseconds); });
  for (const type of ['pointerup', 'pointercancel', 'pointerleave']) sheet.addEventListener(type, let_);
  sheet.addEventListener('keydown', (event) => { if (event.key === 'Escape') sheet.remove(); });
  document.body.append(sheet);
  sheet.focus();
}

/**
 * Without a word of the server for two seconds what the page shows is old: it dims, says since when, and never counts on by itself. An order that
 * did not get through is named until it is given again, or put away.
 */
function watchLink(room) {
  const line = room.querySelector('[data-link]');
  let heardAt = Date.now();
  let lost = '';
  const show = () => {
    const silent = Date.now() - heardAt;
    const isCut = silent > cutAfterMilliseconds;
    room.classList.toggle('is-cut', isCut);
    const heard = isCut ? phrase('scripts.room.cut', { seconds: Math.round(silent / 1_000) }) : '';
    const says = [heard, lost].filter(Boolean).join(' ');
    line.hidden = says === '';
    if (line.textContent !== says) line.textContent = says;
  };
  const isNow = (detail) => detail.elt?.id === 'now' || detail.target?.id === 'now';
  const isOrder = (detail) => Boolean(detail.elt?.closest?.('form')?.querySelector('input[name=order]'));
  document.body.addEventListener('htmx:afterRequest', ({ detail }) => {
    if (isNow(detail)) {
      heardAt = detail.successful ? Date.now() : heardAt;
    } else if (isOrder(detail)) {
      const words = detail.elt.querySelector('button')?.textContent.replace(/\s+/g, ' ').replace(/ [A-Z] ?$/, '').trim();
      lost = detail.successful ? '' : phrase('scripts.room.lost', { button: words });
    }
    show();
  });
  // A request that never ends keeps the next from being asked.
  document.body.addEventListener('htmx:beforeRequest', ({ detail }) => { if (isNow(detail) || isOrder(detail)) detail.xhr.timeout = patienceMilliseconds; });
  setInterval(show, 500);
}

/** The latest photo is loaded behind the one that is seen: the page never blinks. */
function showPicture(figure) {
  const photo = document.getElementById('now')?.dataset.picture;
  if (!photo || figure.dataset.shown === photo) return;
  figure.dataset.shown = photo;
  figure.hidden = false;
  figure.querySelector('img').src = `${figure.dataset.pictureAt}?photo=${photo}`;
  figure.querySelector('figcaption').textContent = `Photo ${photo}`;
}

export function followRoom() {
  const room = document.querySelector('[data-room]');
  if (!room) return;
  keepAwake();
  changeInPlace();
  watchLink(room);
  let beepedAt = 0;
  const listen = followSounds(room);
  setInterval(() => {
    showPicture(room.querySelector('.room-picture'));
    room.style.setProperty('--share', document.getElementById('now')?.dataset.share ?? 0);
    listen();
    const isAlarmed = document.getElementById('now')?.dataset.alarm === 'yes';
    document.documentElement.classList.toggle('is-alarmed', isAlarmed);
    if (isAlarmed && Date.now() - beepedAt > beepEveryMilliseconds) {
      beepedAt = Date.now();
      beep();
    }
  }, 500);
  room.querySelector('[data-lock]').hidden = false;
  room.addEventListener('click', (event) => { if (event.target.closest('[data-lock]')) lock(); });
  // A photo is marked that is the latest now, not when the page was opened.
  document.body.addEventListener('htmx:configRequest', ({ detail }) => {
    const form = detail.elt.closest?.('form[data-order]');
    if (!form) return;
    detail.parameters.set('key', crypto.randomUUID?.() ?? '');
    if (form.dataset.order === 'mark') detail.parameters.set('photo', document.getElementById('now').dataset.latest);
  });
  document.body.addEventListener('htmx:confirm', (event) => {
    const sure = event.target.closest?.('form[data-sure]')?.dataset.sure;
    if (!sure) return;
    event.preventDefault();
    if (window.confirm(sure)) event.detail.issueRequest(true);
  });
  document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.target.matches?.('input:not([type=checkbox], [type=radio]), select, textarea') || document.documentElement.dataset.letters === 'off') return;
    if (document.querySelector('.room-lock')) return;
    const button = room.querySelector(`[data-key="${CSS.escape(event.key.toLowerCase())}"]`);
    if (button) {
      event.preventDefault();
      button.click();
    }
  });
}
