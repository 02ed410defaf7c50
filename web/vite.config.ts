import { fileURLToPath } from 'node:url';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const NOTHING = fileURLToPath(new URL('./src/parts/nothing.ts', import.meta.url));

export default defineConfig({
  root: fileURLToPath(new URL('.', import.meta.url)),
  plugins: [react(), tailwind()],
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
