import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  define: { __VERSION__: JSON.stringify(process.env.npm_package_version ?? '') },
  build: { outDir: process.env.BW_PAGE_OUT ?? 'dist', emptyOutDir: true, chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': 'http://127.0.0.1:8300' } },
  test: { environment: 'happy-dom', include: ['src/**/*.test.{ts,tsx}'] },
});
