import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: '../public/app', emptyOutDir: true, target: 'es2022', assetsInlineLimit: 0, manifest: true },
  test: { environment: 'node', include: ['src/**/*.test.{ts,tsx}'] },
});
