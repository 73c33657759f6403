/// <reference types="vitest/config" />
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  define: { __VERSION__: JSON.stringify(process.env.npm_package_version ?? '') },
  build: {
    outDir: process.env.BW_PAGE_OUT ?? 'dist',
    emptyOutDir: true,
    chunkSizeWarningLimit: 900,
    // What the page is made of, with its licences in full: served beside it.
    license: { fileName: 'third-party-page.txt' },
  },
  // ./bw dev: the page as it is written, in front of the running program.
  server: {
    host: '127.0.0.1',
    strictPort: true,
    // Under its own name: the program answers no other page's.
    proxy: { '/api': { target: process.env.BW_PROGRAM ?? 'http://127.0.0.1:8300', changeOrigin: false } },
  },
  // One room for all files: a room of its own for each takes four fifths of the time.
  test: { isolate: false, environment: 'happy-dom', include: ['src/**/*.test.{ts,tsx}'] },
});
