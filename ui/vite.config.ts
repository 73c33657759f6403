/// <reference types="vitest/config" />
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/** Writes the page's files into the worker that keeps them: those without a name of their own for each state with what they are made of. */
function pageFiles(): Plugin {
  const hash = (text: string | Uint8Array) => createHash('sha256').update(text).digest('hex').slice(0, 16);
  return {
    name: 'page-files',
    apply: 'build',
    enforce: 'post',
    generateBundle(_options, bundle) {
      const made = Object.values(bundle)
        .filter(({ fileName }) => fileName !== 'worker.js' && !fileName.endsWith('.txt'))
        .map((file) => ({
          url: `/${file.fileName}`,
          revision: file.fileName.startsWith('assets/') ? null : hash(file.type === 'chunk' ? file.code : file.source),
        }));
      const asIs = readdirSync('public')
        .filter((name) => !name.endsWith('.txt'))
        .map((name) => ({ url: `/${name}`, revision: hash(readFileSync(`public/${name}`)) }));
      const worker = bundle['worker.js'];
      if (worker?.type !== 'chunk') throw new Error('The page has no worker.');
      worker.code = worker.code.replace('__PAGE_FILES__', JSON.stringify([...made, ...asIs]));
    },
  };
}

export default defineConfig({
  plugins: [react(), tailwindcss(), pageFiles()],
  define: { __VERSION__: JSON.stringify(process.env.npm_package_version ?? '') },
  build: {
    outDir: process.env.BW_PAGE_OUT ?? 'dist',
    emptyOutDir: true,
    chunkSizeWarningLimit: 900,
    // What the page is made of, with its licences in full: served beside it.
    license: { fileName: 'third-party-page.txt' },
    rolldownOptions: {
      input: { index: 'index.html', worker: 'src/offline/worker.ts' },
      // The worker answers for the whole page: it lies at its root, under one name.
      output: { entryFileNames: ({ name }) => (name === 'worker' ? 'worker.js' : 'assets/[name]-[hash].js') },
    },
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
