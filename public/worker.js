/**
 * Keeps what was read: pages of the shoot that was last open, as they were when the server last answered, and what they are drawn with. A
 * page that is asked for while nobody answers comes from here, and says so; what was never read says in Evrent's own words that it is not
 * kept. Nothing that changes something passes through here: that waits in the page's outbox.
 */
const pages = 'evrent-pages-1';
const assets = 'evrent-assets-1';
const notKept = '/not-kept';
const mostPages = 120;

/** What pages of some builds back are drawn with. */
const mostAssets = 16;

/** The views of a shot are one page with six addresses. */
const keyOf = (address) => {
  const url = new URL(address);
  return url.origin + url.pathname.replace(/(\/shots\/\d+)\/(frame|time|light|pack|run|review)$/, '$1') + url.search;
};

const isPage = (request) => request.mode === 'navigate' || (request.headers.get('Accept') ?? '').startsWith('text/html') && !request.headers.get('HX-Request');

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(pages).then((cache) => cache.add(new Request(notKept, { cache: 'reload' }))).catch(() => {}).then(() => self.skipWaiting()));
});

self.addEventListener('activate', (event) => {
  event.waitUntil((async () => {
    const ours = [pages, assets];
    await Promise.all((await caches.keys()).filter((name) => name.startsWith('evrent-') && !ours.includes(name)).map((name) => caches.delete(name)));
    await self.clients.claim();
  })());
});

async function keep(address, response) {
  const cache = await caches.open(pages);
  const headers = new Headers(response.headers);
  headers.set('X-Evrent-Kept', String(Date.now()));
  await cache.put(keyOf(address), new Response(await response.arrayBuffer(), { status: 200, headers }));
  const kept = await cache.keys();
  await Promise.all(kept.slice(0, Math.max(0, kept.length - mostPages)).filter(({ url }) => !url.endsWith(notKept)).map((old) => cache.delete(old)));
}

/** The page as it was kept, which says when that was. */
async function kept(address) {
  const cache = await caches.open(pages);
  const response = await cache.match(keyOf(address));
  if (!response) return cache.match(notKept);
  const html = (await response.text()).replace('<head>', `<head>\n    <meta name="evrent-kept" content="${response.headers.get('X-Evrent-Kept')}">`);
  return new Response(html, { status: 200, headers: { 'Content-Type': 'text/html; charset=utf-8', 'Content-Security-Policy': response.headers.get('Content-Security-Policy') ?? '' } });
}

async function page(event) {
  try {
    const response = await fetch(event.request);
    // A server in front of one that is away answers too.
    if ([502, 503, 504].includes(response.status)) return await kept(event.request.url) ?? response;
    if (response.ok && !response.redirected) event.waitUntil(keep(event.request.url, response.clone()));
    return response;
  } catch (failure) {
    const found = await kept(event.request.url);
    if (found) return found;
    throw failure;
  }
}

async function asset(event) {
  const cache = await caches.open(assets);
  const found = await cache.match(event.request);
  if (found) return found;
  const response = await fetch(event.request);
  if (response.ok) {
    event.waitUntil(cache.put(event.request, response.clone()).then(async () => {
      const all = await cache.keys();
      await Promise.all(all.slice(0, Math.max(0, all.length - mostAssets)).map((old) => cache.delete(old)));
    }));
  }
  return response;
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (url.pathname.startsWith('/build/') || url.pathname === '/mark.svg') event.respondWith(asset(event));
  else if (isPage(request)) event.respondWith(page(event));
});

/** Pages kept in another language than the one that is read now. */
async function forgetOtherLanguages(language) {
  const cache = await caches.open(pages);
  for (const request of await cache.keys()) {
    const response = await cache.match(request);
    if (!request.url.endsWith(notKept) && response?.headers.get('Content-Language') !== language) await cache.delete(request);
  }
}

/** What belongs to the shoot that is open is read ahead, one after another; and in another look, all of it again. */
self.addEventListener('message', (event) => {
  const { keep: addresses = [], language } = event.data ?? {};
  event.waitUntil((async () => {
    if (language) await forgetOtherLanguages(language);
    for (const address of addresses) {
      try {
        const response = await fetch(address, { headers: { Accept: 'text/html' }, credentials: 'same-origin' });
        if (response.ok && !response.redirected) await keep(new URL(address, self.location.origin).href, response);
      } catch {
        return;
      }
    }
  })());
});
