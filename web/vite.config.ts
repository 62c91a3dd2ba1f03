import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: {
    outDir: '../public/app',
    emptyOutDir: true,
    target: 'es2022',
    assetsInlineLimit: 0,
    // Named without a dot: the web server serves no hidden files.
    manifest: 'parts.json',
    rollupOptions: {
      input: { main: 'index.html', worker: 'src/offline/worker.ts' },
      // The worker stands at the root and keeps its name: it speaks for every page.
      output: { entryFileNames: (chunk) => (chunk.name === 'worker' ? 'worker.js' : 'assets/[name]-[hash].js') },
    },
  },
  test: { environment: 'node', include: ['src/**/*.test.{ts,tsx}'] },
});
