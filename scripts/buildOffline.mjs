import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { generateSW } from 'workbox-build';

/**
 * Writes the service worker into the built app: it keeps the app's own files, so that the app opens without a network,
 * and the studio's last answers to be read, marked as remembered. Pictures are never kept on the device.
 */
const root = fileURLToPath(new URL('..', import.meta.url));
const DAY_SECONDS = 86_400;

// The page says which build it is of, so that it can tell when the studio has a newer one.
const page = `${root}/app/dist/index.html`;
const html = readFileSync(page, 'utf8').replace(/<meta name="open-palm-build"[^>]*>/, '');
const meta = `<meta name="open-palm-build" content="${process.env.OPEN_PALM_BUILD ?? 'unbuilt'}">`;
// And where a phone finds what it needs to install it.
const installable = [
  '<link rel="manifest" href="/manifest.webmanifest">',
  '<link rel="apple-touch-icon" href="/icons/icon-180.png">',
  '<meta name="theme-color" media="(prefers-color-scheme: light)" content="#FAF6EE">',
  '<meta name="theme-color" media="(prefers-color-scheme: dark)" content="#17140F">',
  '<meta name="mobile-web-app-capable" content="yes">',
  '<meta name="apple-mobile-web-app-title" content="Open Palm">',
].join('');
const head = html.includes('rel="manifest"') ? meta : meta + installable;
writeFileSync(page, html.replace('</head>', `${head}</head>`));

const { count, size, warnings } = await generateSW({
  globDirectory: `${root}/app/dist`,
  globPatterns: ['**/*.{html,js,json,css,ttf,ico,png,jpg,webmanifest}'],
  // The hand finder and the planner are large: they are kept once they were wanted, not before.
  globIgnores: ['vision/**', 'planner/**'],
  swDest: `${root}/app/dist/sw.js`,
  inlineWorkboxRuntime: true,
  sourcemap: false,
  // Names in these folders carry a hash of the content.
  dontCacheBustURLsMatching: /[\\/](_expo|assets)[\\/]/,
  maximumFileSizeToCacheInBytes: 6_000_000,
  navigateFallback: '/index.html',
  navigateFallbackDenylist: [/^\/api\//],
  cleanupOutdatedCaches: true,
  clientsClaim: true,
  skipWaiting: true,
  runtimeCaching: [
    {
      urlPattern: /\/(vision|planner)\/files\.json$/,
      method: 'GET',
      handler: 'NetworkFirst',
      options: { cacheName: 'hand-finder-list' },
    },
    {
      urlPattern: /\/(vision|planner)\/[0-9a-f]{16}\//,
      method: 'GET',
      handler: 'CacheFirst',
      options: { cacheName: 'hand-finder', expiration: { maxEntries: 12 } },
    },
    {
      urlPattern:
        /\/api\/(students|groups|holds|checks|letters)(\/[0-9a-f-]+(\/history)?)?(\?.*)?$/,
      method: 'GET',
      handler: 'NetworkFirst',
      options: {
        cacheName: 'studio-answers',
        networkTimeoutSeconds: 8,
        expiration: { maxEntries: 400, maxAgeSeconds: 60 * DAY_SECONDS },
        plugins: [
          {
            cachedResponseWillBeUsed: async ({ cachedResponse }) => {
              if (!cachedResponse) return cachedResponse;
              const headers = new Headers(cachedResponse.headers);
              headers.set('x-open-palm-remembered', '1');
              return new Response(await cachedResponse.blob(), { status: 200, headers });
            },
          },
        ],
      },
    },
  ],
});
for (const warning of warnings) console.warn(warning);
console.log(`Kept for opening without a network: ${count} files, ${(size / 1024).toFixed(0)} KB`);
