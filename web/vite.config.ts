import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  root: new URL('.', import.meta.url).pathname,
  plugins: [
    react(),
    tailwindcss(),
    // Keeps the application in the browser, so that it opens while the server is away. Where it is there, the server's page
    // comes first, so that a newer program is never hidden by an older one. Plans are kept by web/sync/lastSeen.ts.
    VitePWA({
      injectRegister: false,
      manifest: false,
      registerType: 'autoUpdate',
      filename: 'sw.js',
      workbox: {
        globPatterns: ['index.html', 'assets/**/*.{js,css,woff2}'],
        globIgnores: ['**/highs*'],
        directoryIndex: null,
        navigateFallback: null,
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        skipWaiting: true,
        runtimeCaching: [
          {
            urlPattern: ({ request, url }) => request.mode === 'navigate' && !/^\/(api|pair)\b/.test(url.pathname),
            handler: 'NetworkOnly',
            options: { precacheFallback: { fallbackURL: 'index.html' } },
          },
        ],
      },
    }),
  ],
  worker: { format: 'es' },
  build: { outDir: 'dist', emptyOutDir: true, chunkSizeWarningLimit: 1500 },
  server: { proxy: { '/api': { target: 'http://127.0.0.1:4747' } } },
});
