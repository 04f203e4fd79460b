/**
 * Keeps the whole application in the browser: after one visit every bench, worker and font is there without a network. A
 * newer one is fetched beside it and waits until the knitter takes it.
 */
import { Serwist, type PrecacheEntry } from "serwist";

/** Every file of the build, with a hash of it where its name has none; the build writes it in. */
declare const BUILT_FILES: readonly PrecacheEntry[];

const serwist = new Serwist({
  precacheEntries: [...BUILT_FILES],
  precacheOptions: {
    cleanupOutdatedCaches: true,
    // The page framework marks its requests with what they are for: the file is the same.
    ignoreURLParametersMatching: [/./],
    plugins: [
      {
        // A worker reads how it is to begin in its own address: that must be the one it was asked for by, and not the
        // one that its file was kept under. A response without an address of its own has the former.
        cachedResponseWillBeUsed: ({ cachedResponse }) =>
          Promise.resolve(cachedResponse && new Response(cachedResponse.body, cachedResponse)),
      },
    ],
  },
  // Taken when the page says so: `updates` asks the knitter.
  skipWaiting: false,
  clientsClaim: true,
});

/** The kept file of a page. */
const fileOf = ({ pathname, origin }: URL) => `${origin}${pathname === "/" ? "/index" : pathname}.html`;

// Before it goes to another bench the page framework asks for the head of its page.
serwist.registerCapture(
  ({ sameOrigin, url }) => sameOrigin && serwist.getPrecacheKeyForUrl(fileOf(url)) !== undefined,
  async ({ url, request }) => {
    const kept = await serwist.matchPrecache(fileOf(url));
    return kept ? new Response(null, kept) : fetch(request);
  },
  "HEAD",
);
serwist.addEventListeners();
