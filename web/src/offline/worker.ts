import { registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';

// What was seen last opens without a network: the page, its parts, and the answers of the notebook. Whatever is written goes through the
// outbox on the device and is none of this. A worker waits until no page of the older one is open: nothing changes under anybody's hands.

/** Every address of the notebook is one page. */
registerRoute(
  ({ request }) => request.mode === 'navigate',
  new NetworkFirst({ cacheName: 'pages', plugins: [{ cacheKeyWillBeUsed: () => Promise.resolve('/') }] }),
);
registerRoute(({ url }) => url.pathname.startsWith('/assets/') || url.pathname === '/mark.svg', new CacheFirst({ cacheName: 'assets' }));
/** Not kept for offline: whether the server is there, the growing end of a curve, and photos in full size, which would fill a phone. */
const PASSING = /^\/api\/(health$|photos\/[^/]+$)/;
registerRoute(
  ({ url }) => url.pathname.startsWith('/api/') && !PASSING.test(url.pathname) && !url.searchParams.has('after'),
  new NetworkFirst({ cacheName: 'answers', plugins: [{ cacheWillUpdate: ({ response }) => Promise.resolve(stamped(response)) }] }),
);

/** With the device's own time of it: an answer that says what time it is must not be taken for one of now. */
function stamped(response: Response): Response | null {
  if (response.status !== 200) return null;
  const headers = new Headers(response.headers);
  headers.set('X-Kept-At', String(Date.now()));
  return new Response(response.clone().body, { status: 200, headers });
}
