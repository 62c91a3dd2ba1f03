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
  new NetworkFirst({ cacheName: 'answers' }),
);
