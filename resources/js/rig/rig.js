import { createHands, followButtons, followGamepad, followStick } from './hands.js';
import { createSwaps } from './swaps.js';
import { createWords } from './words.js';
import { axisName, phrase } from '../catalogue.js';

/**
 * The rig in hand: what is held on the page goes to the daemon that owns the rig, word by word, and where it really stands comes back. How it is driven, and
 * what stops it, is the daemon's.
 */
const wordMilliseconds = 50;
const speeds = { coarse: 1, fine: 0.08, step: 0 };
const doings = ['homes', 'drives', 'jogs', 'steps', 'follows', 'passes', 'loops', 'tests'];

export function takeInHand(bench, run) {
  const root = document.getElementById('rig');
  const $ = (selector) => root.querySelector(selector);
  const axes = () => run.axes;
  const words = createWords(root.dataset.rigAt, () => ({ rig: document.getElementById('rig-choice').value }));
  const hands = createHands();
  let last = null;
  let timer = null;
  let poll = null;

  const isOn = () => root.dataset.state === 'on';
  const speed = () => root.querySelector('[name=rig-speed]:checked').value;
  const problem = (why) => { document.getElementById('rig-problem').textContent = why; };

  const show = (answer, isAct = false) => {
    if (!answer) return;
    if (answer.off) return turnOff(answer.problem ?? '');
    // Why something was not done stays until something is; what went wrong on the rig is news when it is.
    if (answer.problem) problem(answer.problem);
    else if (isAct || (answer.trouble ?? '') !== (last?.trouble ?? '')) problem(answer.trouble ?? '');
    if (answer.is_gone) return turnOff(answer.trouble);
    const moved = JSON.stringify(last?.positions) !== JSON.stringify(answer.positions);
    last = answer;
    const has = { [words.who]: phrase('scripts.rig.here'), '': '' }[answer.holder] ?? phrase('scripts.rig.elsewhere');
    const does = !answer.knows_place && answer.doing !== 'homes' ? 'unhomed' : answer.doing === '' ? 'stopped' : doings.includes(answer.doing) ? answer.doing : 'moves';
    const battery = answer.battery === null ? '' : phrase('scripts.rig.battery', { percent: answer.battery });
    const says = [phrase(`scripts.rig.does_${does}`), has, battery].filter(Boolean).join(' ');
    if (document.getElementById('rig-state').textContent !== says) document.getElementById('rig-state').textContent = says;
    root.dataset.moves = answer.moves ? 'yes' : 'no';
    root.dataset.homed = answer.knows_place ? 'yes' : 'no';
    for (const axis of axes()) {
      const field = root.querySelector(`[data-rig-axis="${axis.id}"] [data-drive]`);
      const stood = answer.positions[axis.id];
      if (field && field !== document.activeElement) field.value = stood === undefined ? '' : Number((stood * (axis.shown ?? 1)).toFixed(3));
    }
    if (answer.knows_place) bench.standAt(answer.positions, answer.pose, moved);
    showTested(answer.tested ?? []);
    return null;
  };

  /** Test photos as they come: of which photo of the run each is. */
  const showTested = (tested) => {
    const place = document.getElementById('rig-tested');
    const key = JSON.stringify(tested);
    if (place.dataset.shown === key) return;
    place.dataset.shown = key;
    place.replaceChildren(...tested.map(({ photo, number }) => {
      const figure = document.createElement('figure');
      const caption = Object.assign(document.createElement('figcaption'), { textContent: phrase(number === null ? 'scripts.rig.unconfirmed' : 'scripts.rig.photo', { photo }) });
      if (number !== null) {
        const camera = encodeURIComponent(document.getElementById('live-camera')?.value ?? '');
        const image = Object.assign(document.createElement('img'), { alt: phrase('scripts.rig.test', { photo }), width: 160, height: 107 });
        image.src = `${root.dataset.liveAt}?of=photo&number=${number}&camera=${camera}`;
        figure.append(image);
      }
      figure.append(caption);
      return figure;
    }));
  };

  const send = async (values) => {
    try {
      const answer = await words.post(values, 15_000);
      show(answer, true);
      return answer;
    } catch {
      problem(phrase('scripts.rig.brakes'));
      return null;
    }
  };

  const look = async () => {
    clearTimeout(poll);
    if (!isOn()) return;
    if (Object.keys(hands.shares()).length === 0) {
      try {
        show(await words.post({ do: 'status' }));
      } catch {
        problem(phrase('scripts.rig.brakes'));
      }
    }
    poll = setTimeout(look, last?.moves ? 150 : 1_000);
  };

  const say = async (isNeeded) => {
    const shares = hands.shares();
    show(await words.stream({ do: 'steer', shares }, { isNeeded }), isNeeded);
  };
  hands.onChange(() => {
    const isHeld = Object.keys(hands.shares()).length > 0;
    say(true);
    clearInterval(timer);
    timer = isHeld ? setInterval(() => say(false), wordMilliseconds) : null;
    if (!isHeld) look();
  });

  function turnOff(why) {
    root.dataset.state = 'off';
    bench.rigInHand = null;
    hands.letGo();
    clearInterval(timer);
    clearTimeout(poll);
    $('.rig-on').hidden = true;
    $('[data-rig=connect]').hidden = false;
    $('[data-rig=let-go]').hidden = true;
    document.getElementById('rig-state').textContent = '';
    problem(why ?? '');
  }

  const swapped = createSwaps(() => document.getElementById('rig-choice').value);
  const hold = (source, index, direction) => {
    const axis = axes()[index];
    if (!axis) return;
    const sign = direction * swapped.sign(axis.id);
    if (sign !== 0 && speed() === 'step') send({ do: 'step', axis: axis.id, count: sign });
    else hands.hold(source, { [axis.id]: sign * speeds[speed()] });
  };
  followButtons(root, {
    down: (button) => hold(button, axes().findIndex(({ id }) => id === button.closest('[data-rig-axis]').dataset.rigAxis), Number(button.dataset.hold)),
    up: (button) => hands.hold(button, {}),
  });
  // Held by a key, a button does the same.
  root.addEventListener('keydown', (event) => {
    const button = event.target.closest('[data-hold]');
    if (!button || ![' ', 'Enter'].includes(event.key)) return;
    event.preventDefault();
    if (!event.repeat) hold(button, axes().findIndex(({ id }) => id === button.closest('[data-rig-axis]').dataset.rigAxis), Number(button.dataset.hold));
  });
  root.addEventListener('keyup', (event) => { if (event.target.closest('[data-hold]')) hands.hold(event.target.closest('[data-hold]'), {}); });

  // The stick goes along the last two axes, as a head pans and tilts; the first is then the slide's.
  const stickAxes = () => axes().slice(-2);
  const steer = (source) => (right, up) => {
    const [across, along] = stickAxes();
    const share = speeds[speed()] || speeds.fine;
    if (across && along) hands.hold(source, { [across.id]: right * share * swapped.sign(across.id), [along.id]: up * share * swapped.sign(along.id) });
  };
  followStick($('.stick'), steer('stick'));
  $('.stick-axes').textContent = stickAxes().map(({ id }) => axisName(id)).join(', ');

  document.addEventListener('keydown', (event) => {
    if (!isOn() || !bench.jogging || event.ctrlKey || event.metaKey || event.altKey || event.target.matches?.('input:not([type=range], [type=radio], [type=checkbox]), select, textarea')) return;
    const sign = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!sign) return;
    event.preventDefault();
    event.stopPropagation();
    if (!event.repeat) hold('keys', bench.jogAxis, sign);
  }, true);
  document.addEventListener('keyup', (event) => { if (['ArrowLeft', 'ArrowRight'].includes(event.key)) hands.hold('keys', {}); }, true);

  root.addEventListener('change', ({ target }) => {
    const axis = target.matches('[data-drive]') ? target.closest('[data-rig-axis]').dataset.rigAxis : null;
    if (!axis) return;
    const { shown, unit } = axes().find(({ id }) => id === axis);
    const bare = shown !== undefined && shown !== 1 && /\d\s*$/.test(target.value);
    send({ do: 'drive', positions: { [axis]: bare ? `${target.value} ${unit}` : target.value } });
    target.blur();
  });

  const move = () => ({ seconds: document.getElementById('rig-seconds').value.trim() });
  const acts = {
    home: () => send({ do: 'home' }),
    keyframe: (button) => send({ do: 'drive', keyframe: Number(button.dataset.keyframe) }),
    photo: () => send({ do: 'drive', photo: run.photo }),
    pass: () => send({ do: 'pass', ...move() }),
    back: () => send({ do: 'pass', from: run.photos, to: 1, ...move() }),
    loop: () => send({ do: 'pass', loops: true, ...move() }),
    test: () => send({ do: 'pass', legs: 5, camera: document.getElementById('live-camera')?.value ?? '', ...move() }),
  };
  root.addEventListener('click', ({ target }) => {
    const button = target.closest('[data-swap]');
    if (!button) return;
    hands.letGo();
    swapped.turn(button.closest('[data-rig-axis]').dataset.rigAxis);
    swapped.show(root);
  });
  root.addEventListener('click', async ({ target }) => {
    const button = target.closest('[data-rig]');
    if (!button) return;
    if (button.dataset.rig === 'let-go') {
      await words.post({ do: 'release' }).catch(() => null);
      turnOff('');
    } else if (acts[button.dataset.rig]) {
      await acts[button.dataset.rig](button);
      look();
    }
  });

  let dragged = null;
  setInterval(() => {
    const photo = run.photo;
    if (!isOn() || !$('[data-rig-follow]').checked) {
      dragged = photo;
    } else if (photo !== dragged) {
      dragged = photo;
      words.stream({ do: 'scrub', photo }).then(show);
      look();
    }
  }, 60);

  window.addEventListener('pagehide', () => { if (isOn()) words.leave(); });
  document.addEventListener('rig-stop', () => setTimeout(look, 200));

  return {
    async connect() {
      problem('');
      document.getElementById('rig-state').textContent = phrase('scripts.rig.connecting');
      const answer = await words.post({ do: 'connect' }, 15_000).catch(() => null);
      if (!answer || answer.now === undefined) {
        document.getElementById('rig-state').textContent = '';
        problem(answer?.problem ?? phrase('scripts.rig.not_moved'));
        return;
      }
      root.dataset.state = 'on';
      $('.rig-on').hidden = false;
      swapped.show(root);
      $('[data-rig=connect]').hidden = true;
      $('[data-rig=let-go]').hidden = false;
      bench.rigInHand = {
        /** Where the rig stands, once it stands; null where that is not known. */
        async stands() {
          hands.letGo();
          for (let tries = 0; tries < 100; tries += 1) {
            const now = await words.post({ do: 'status' }).catch(() => null);
            show(now);
            if (!now || now.off || !now.knows_place) return null;
            if (!now.moves) return now.positions;
            await new Promise((done) => { setTimeout(done, 100); });
          }
          return null;
        },
        driveTo: (positions) => send({ do: 'drive', positions: Object.fromEntries(Object.entries(positions).map(([axis, value]) => [axis, String(value)])) }),
      };
      show(answer);
      followGamepad(isOn, {
        onStick: steer('pad'),
        onFirst: (share) => hands.hold('pad-first', axes().length > 2 ? { [axes()[0].id]: share * swapped.sign(axes()[0].id) * (speeds[speed()] || speeds.fine) } : {}),
        onStop: () => document.querySelector('[data-stop] button').click(),
      });
      look();
    },
  };
}
