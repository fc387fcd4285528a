import type { NitroConfig } from 'nitropack/types'

/** Files built into the server: it needs no source tree beside it. */
const nitro = {
  static: false,
  compressPublicAssets: { gzip: true, brotli: true },
  // Bundled, not looked up file by file at start: that is a third of a second.
  externals: { inline: ['zod', 'd3-shape', 'd3-path', 'flatbush', 'flatqueue', 'pure-rand', 'hookable'] },
  serverAssets: [
    { baseName: 'migrations', dir: './db/migrations' },
    { baseName: 'demo', dir: '../data/demo' },
    { baseName: 'demo-history', dir: '../data/demo-history' },
    { baseName: 'inter', dir: '../node_modules/@fontsource/inter/files', pattern: 'inter-latin-?00-normal.woff' },
    {
      baseName: 'fraunces',
      dir: '../node_modules/@fontsource/fraunces/files',
      pattern: 'fraunces-latin-?00-normal.woff',
    },
  ],
} satisfies NitroConfig

/** Zod, and the files that make schemas with it. */
const SCHEMAS = new RegExp(
  [
    String.raw`/node_modules/zod/`,
    String.raw`/core/model/(basic|bed|brief|drift|form|garden|logEntry|school|site|supply|water)\.ts`,
    String.raw`/(bedSchema|editSchema|shared/(answers|live|peopleSchema|shareSchema|wire))\.ts`,
  ].join('|'),
)

// The whole application: one server that keeps the data and serves the interface, nothing from elsewhere.
export default defineNuxtConfig({
  modules: ['@nuxt/ui', '@pinia/nuxt', '@vueuse/nuxt', 'nuxt-security', '@vite-pwa/nuxt'],
  compatibilityDate: '2026-11-01',
  telemetry: false,
  devtools: { enabled: false },
  css: ['~/assets/css/main.css'],
  // The styles of the parts that are used, not of the whole package.
  ui: { fonts: false, experimental: { componentDetection: true } },
  // Icons are built in as shapes, see modules/icons.
  icon: { provider: 'none', serverBundle: false },
  colorMode: { preference: 'light', fallback: 'light' },
  app: {
    head: {
      title: 'Amber Terrace',
      htmlAttrs: { lang: 'en' },
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/favicon.svg' }],
      // Told before any sheet: styles of a component may come before the theme's.
      style: [{ innerHTML: '@layer theme, base, components, utilities;', tagPriority: 'critical' }],
    },
  },
  typescript: { strict: true },
  // Nothing reads them.
  sourcemap: { server: false, client: false },
  vite: {
    $client: {
      build: {
        rollupOptions: {
          output: {
            // Parts of under 24 kB that nearly the same pages need come in one file: a browser asks for two dozen files, not for fifty.
            experimentalMinChunkSize: 24_000,
            // What is kept is read by its schemas a little after it is shown: they are no part of any page.
            manualChunks: (id) => (SCHEMAS.test(id) ? 'schemas' : undefined),
            onlyExplicitManualChunks: true,
          },
        },
      },
    },
    optimizeDeps: {
      include: ['culori', 'papaparse', 'd3-shape', 'flatbush', 'pure-rand/generator/xoroshiro128plus', 'zod'],
    },
  },
  nitro,
  // The tablet page is one shell for every garden, so that it can be kept in the device.
  routeRules: { '/onsite/**': { ssr: false }, '/shared/**': { ssr: false } },
  // A page brings what it needs itself; the others come when a link to them is touched.
  experimental: {
    defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } },
    // What cannot be fetched is told (`missingParts`): a page that is loaded anew while the server is away would be gone.
    emitRouteChunkError: 'manual',
  },
  pwa: {
    injectRegister: false,
    registerType: 'autoUpdate',
    client: { registerPlugin: false },
    manifest: {
      name: 'Amber Terrace on site',
      short_name: 'Amber Terrace',
      description: 'Setting out, ticked plant by plant, without a network.',
      start_url: '/',
      display: 'standalone',
      background_color: '#f6f1e7',
      theme_color: '#2f3a2c',
      icons: [{ src: '/favicon.svg', sizes: 'any', type: 'image/svg+xml' }],
    },
    workbox: {
      globPatterns: ['**/*.{js,css,woff2}'],
      maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
      navigateFallback: null,
      runtimeCaching: [
        {
          urlPattern: ({ request, url }) => request.mode === 'navigate' && url.pathname.startsWith('/onsite/'),
          handler: 'NetworkFirst',
          options: { cacheName: 'onsite-shell', networkTimeoutSeconds: 3 },
        },
        {
          urlPattern: ({ url }) => url.pathname === '/favicon.svg',
          handler: 'CacheFirst',
          options: { cacheName: 'onsite-icons' },
        },
      ],
    },
  },
  security: {
    rateLimiter: false,
    requestSizeLimiter: false,
    xssValidator: false,
    corsHandler: false,
    headers: {
      crossOriginEmbedderPolicy: false,
      strictTransportSecurity: false,
      contentSecurityPolicy: {
        'default-src': ["'self'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'style-src': ["'self'", "'unsafe-inline'"],
        'script-src': ["'self'", "'nonce-{{nonce}}'", "'strict-dynamic'"],
        'connect-src': ["'self'"],
        'worker-src': ["'self'", 'blob:'],
        'object-src': ["'none'"],
        'upgrade-insecure-requests': false,
      },
    },
  },
})
