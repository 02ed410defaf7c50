import { fileURLToPath } from 'node:url';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { collectLicences, writeLicences } from './licences.ts';

const NOTHING = fileURLToPath(new URL('./src/parts/nothing.ts', import.meta.url));

export default defineConfig({
  root: fileURLToPath(new URL('.', import.meta.url)),
  plugins: [
    react(),
    tailwind(),
    collectLicences(),
    // Before the service worker lists what there is to keep.
    writeLicences(),
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Every Inch',
        short_name: 'Every Inch',
        description: 'Sizes, cores, clay and bakes for people who sculpt to a fixed scale',
        display: 'standalone',
        start_url: '/',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,svg,wasm,jpg,png,txt,webmanifest}'],
        maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/health$/, /\./],
      },
    }),
  ],
  worker: { format: 'es', plugins: () => [collectLicences()] },
  resolve: {
    // The PDF writer would bring these in for pages of HTML: ours are drawn.
    alias: Object.fromEntries(['html2canvas', 'dompurify', 'canvg'].map((name) => [name, NOTHING])),
  },
  build: {
    outDir: 'dist',
    emptyOutDir: true,
    target: 'es2022',
    sourcemap: false,
    chunkSizeWarningLimit: 700,
  },
});
