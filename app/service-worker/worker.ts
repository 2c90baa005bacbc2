import { ExpirationPlugin } from 'workbox-expiration';
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  precacheAndRoute,
  type PrecacheEntry,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';
import { keptHeader } from '../src/api/kept-header';

/**
 * Keeps the app, the knowledge and what was last seen of the garden, so that all of it opens with no server in reach.
 * What is done there waits in the app's outbox; nothing is sent from here.
 */
declare const self: ServiceWorkerGlobalScope;
/** Every file of the build with the fingerprint of its content; written by the build. */
declare const files: PrecacheEntry[];

const garden = 'garden';

precacheAndRoute(files);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }));

// A photograph never changes.
registerRoute(
  ({ url, request }) => request.method === 'GET' && url.pathname.startsWith('/api/photos/'),
  new CacheFirst({ cacheName: 'photos', plugins: [new ExpirationPlugin({ maxEntries: 100 })] }),
);

const views = new NetworkFirst({
  cacheName: garden,
  // A home network out of reach can be silent instead of saying so.
  networkTimeoutSeconds: 3,
  plugins: [
    new ExpirationPlugin({ maxEntries: 400 }),
    {
      cachedResponseWillBeUsed: async ({ cachedResponse }) => {
        if (!cachedResponse) return null;
        const headers = new Headers(cachedResponse.headers);
        headers.set(keptHeader, headers.get('date') ?? new Date(0).toUTCString());
        return new Response(cachedResponse.body, { status: cachedResponse.status, headers });
      },
    },
  ],
});
registerRoute(
  ({ url, sameOrigin }) =>
    sameOrigin &&
    url.pathname.startsWith('/api/') &&
    // A tour is in memory over there; it is not kept here.
    !url.pathname.startsWith('/api/tour/') &&
    url.pathname !== '/api/bundle' &&
    url.pathname !== '/api/health' &&
    !url.pathname.endsWith('.ics'),
  views,
);

// The first page opened is looked after at once; a newer app waits until it is taken.
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('message', (event: ExtendableMessageEvent) => {
  if (event.data === 'take-newer') void self.skipWaiting();
  if (event.data === 'keep-garden') event.waitUntil(keepGarden(event));
});

/** The pages that one wants out in the garden. */
const always = [
  '/api/today',
  '/api/garden',
  '/api/calendar',
  '/api/bench',
  '/api/notebook',
  '/api/log',
  '/api/practice',
];
const mostCases = 40;

/** Fetches what is open, and what was closed last, once, so that it is there when the signal is gone. */
async function keepGarden(event: ExtendableEvent): Promise<void> {
  const fetched = async (path: string): Promise<unknown> => {
    const response = await views.handle({ request: new Request(path), event }).catch(() => undefined);
    return response
      ?.clone()
      .json()
      .catch(() => undefined);
  };
  for (const path of always) await fetched(path);
  const open = (await fetched('/api/cases')) as { open?: { id: string }[] } | undefined;
  const past = (await fetched('/api/cases/past')) as { cases?: { id: string }[] } | undefined;
  for (const { id } of [...(open?.open ?? []), ...(past?.cases ?? [])].slice(0, mostCases)) {
    const view = (await fetched(`/api/cases/${id}`)) as { jobs?: { id: string }[] } | undefined;
    for (const job of view?.jobs ?? []) await fetched(`/api/jobs/${job.id}`);
  }
}
