import { decimal, phrase } from '../catalogue.js';

/**
 * Live view: the newest frame that the camera's daemon has, asked for again and again; no request waits for the camera. The finder draws it.
 */
const pauseMilliseconds = 45;
const againMilliseconds = 1_000;
const mostPhotos = 3;
const magnifications = [1, 2, 4, 8];

export function lookThroughCamera(bench) {
  const root = document.getElementById('live');
  const $ = (selector) => root.querySelector(selector);
  const finder = document.querySelector('.finder-frame');
  let frame = null;
  const camera = () => document.getElementById('live-camera').value;
  let after = 0;
  let magnified = 1;
  let middle = [0.5, 0.5];
  let shows = [];
  let photos = 0;
  let isLive = false;

  const isOn = () => root.dataset.state === 'on';
  const problem = (words) => { document.getElementById('live-problem').textContent = words; };
  const pressed = (name) => $(`[data-live=${name}]`).getAttribute('aria-pressed') === 'true';

  const post = async (act) => {
    const response = await fetch(root.dataset.cameraAt, {
      method: 'POST', credentials: 'same-origin', signal: AbortSignal.timeout(15_000),
      headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'HX-Request': 'true' }, body: JSON.stringify({ camera: camera(), do: act }),
    });
    return response.json();
  };
  const get = (values) => fetch(`${root.dataset.liveAt}?${new URLSearchParams({ camera: camera(), ...values })}`, {
    headers: { 'HX-Request': 'true' }, credentials: 'same-origin', cache: 'no-store', signal: AbortSignal.timeout(5_000),
  });

  const turnOff = (why) => {
    root.dataset.state = 'off';
    $('.live-on').hidden = true;
    $('[data-live=connect]').hidden = false;
    $('[data-live=let-go]').hidden = true;
    document.getElementById('live-state').textContent = '';
    problem(why);
    frame?.close();
    frame = null;
    bench.setLive(null);
  };

  /** Bars from left to right, as high as the most of them; what is clipped is said in words. */
  const showSpread = ({ bins, black, white }) => {
    const figure = $('.live-histogram');
    figure.hidden = !pressed('histogram') || !bins;
    if (figure.hidden) return;
    const most = Math.max(...bins, 1e-6);
    $('.live-histogram path').setAttribute('d', `M0 24${bins.map((share, n) => `V${(24 - (24 * share) / most).toFixed(2)}H${n + 1}`).join('')}V24Z`);
    const clipped = [[black, 'black'], [white, 'white']].filter(([share]) => share >= 0.001).map(([share, name]) => phrase(`scripts.live.clipped_${name}`, { percent: decimal(share * 100, 1) }));
    $('.live-histogram figcaption').textContent = clipped.length === 0 ? phrase('scripts.live.unclipped') : phrase('scripts.live.clipped', { shares: clipped.join(', ') });
    figure.dataset.clipped = clipped.length === 0 ? 'no' : 'yes';
  };

  const tell = () => bench.setLive({ frame, level: pressed('level'), magnified });

  const shown = () => {
    const now = performance.now();
    shows = [...shows.filter((at) => now - at < 2_000), now];
    return shows.length < 2 ? 0 : ((shows.length - 1) * 1_000) / (now - shows[0]);
  };

  const showPhotos = (told) => {
    if ((told.photo ?? 0) <= photos) return;
    photos = told.photo;
    const figure = document.createElement('figure');
    const image = Object.assign(document.createElement('img'), { alt: phrase('scripts.live.test', { name: told.photo_name }), width: 160, height: 107 });
    image.src = `${root.dataset.liveAt}?${new URLSearchParams({ camera: camera(), of: 'photo', number: photos })}`;
    figure.append(image, Object.assign(document.createElement('figcaption'), { textContent: told.photo_name }));
    document.getElementById('live-photos').prepend(figure);
    [...document.getElementById('live-photos').children].slice(mostPhotos).forEach((old) => old.remove());
  };

  const loop = async () => {
    if (!isOn()) return;
    let wait = pauseMilliseconds;
    if (document.visibilityState !== 'visible') {
      wait = againMilliseconds;
    } else {
      try {
        const of = isLive ? { after, magnified, x: middle[0], y: middle[1], histogram: pressed('histogram') ? 1 : 0 } : { of: 'photo', after: photos };
        const response = await get(of);
        const told = JSON.parse(response.headers.get('X-Evrent-Live') ?? '{}');
        // Let go of meanwhile.
        if (!isOn()) return;
        if (told.off || told.is_gone) {
          turnOff(told.trouble || phrase('scripts.live.gone'));
          return;
        }
        if (told.trouble) problem(told.trouble);
        if (isLive && response.status === 200) {
          after = told.frame;
          const [picture, old] = [await createImageBitmap(await response.blob()), frame];
          if (!isOn()) {
            picture.close();
            return;
          }
          frame = picture;
          tell();
          old?.close();
          const rate = Math.round(shown());
          document.getElementById('live-state').textContent = told.waits ? phrase('scripts.live.taking') : phrase('scripts.live.rate', { count: rate });
          showSpread(told);
        }
        showPhotos(told);
        if (!isLive) wait = 400;
      } catch {
        document.getElementById('live-state').textContent = phrase('scripts.live.cut');
        wait = againMilliseconds;
      }
    }
    setTimeout(loop, wait);
  };

  root.addEventListener('click', async ({ target }) => {
    const button = target.closest('[data-live]');
    if (!button) return;
    const act = button.dataset.live;
    if (act === 'let-go') {
      await post('release').catch(() => null);
      turnOff('');
    } else if (act === 'fire') {
      problem('');
      const answer = await post('fire').catch(() => ({ problem: phrase('scripts.live.not_taken') }));
      if (answer.problem) problem(answer.problem);
    } else if (act === 'magnify') {
      magnified = magnifications[(magnifications.indexOf(magnified) + 1) % magnifications.length];
      button.setAttribute('aria-pressed', magnified > 1 ? 'true' : 'false');
      $('.live-times').textContent = `×${magnified}`;
      tell();
    } else if (act === 'level' || act === 'histogram') {
      button.setAttribute('aria-pressed', pressed(act) ? 'false' : 'true');
      if (!pressed('histogram')) $('.live-histogram').hidden = true;
      tell();
    }
  });
  // Magnified, a press in the picture says which part.
  finder.addEventListener('click', (event) => {
    if (!isOn() || magnified === 1) return;
    const box = finder.getBoundingClientRect();
    const moved = [(event.clientX - box.left) / box.width - 0.5, (event.clientY - box.top) / box.height - 0.5];
    middle = middle.map((share, n) => Math.max(0, Math.min(1, share + moved[n] / magnified)));
  });

  return {
    async connect() {
      problem('');
      document.getElementById('live-state').textContent = phrase('scripts.live.connecting');
      const answer = await post('connect').catch(() => ({ problem: phrase('scripts.all.no_answer') }));
      document.getElementById('live-state').textContent = '';
      if (answer.problem) {
        problem(answer.problem);
        return;
      }
      isLive = answer.is_live;
      [after, photos, shows] = [0, answer.photo ?? 0, []];
      root.dataset.state = 'on';
      $('.live-on').hidden = false;
      $('[data-live=connect]').hidden = true;
      $('[data-live=let-go]').hidden = false;
      for (const name of ['level', 'magnify', 'histogram']) $(`[data-live=${name}]`).hidden = !isLive;
      if (isLive) tell();
      else problem(phrase('scripts.live.none'));
      loop();
    },
  };
}
