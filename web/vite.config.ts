import { fileURLToPath } from 'node:url';
import optimizeLocales from '@react-aria/optimize-locales-plugin';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const entities = fileURLToPath(
  new URL('../node_modules/decode-named-character-reference/index.js', import.meta.url),
);

export default defineConfig(({ command }) => {
  // A NODE_ENV left over from a shell or a test runner would build React's slow development version.
  if (command === 'build') process.env.NODE_ENV = 'production';
  return {
    // The application speaks English only: the components' own words in thirty other languages stay behind.
    plugins: [react(), { ...optimizeLocales.vite({ locales: ['en-US'] }), enforce: 'pre' }],
    build: { outDir: 'dist/app', emptyOutDir: true, target: 'es2022', sourcemap: false },
    worker: { format: 'es' },
    // Files are read in a worker, which has no document to ask what an entity means.
    resolve: { alias: { 'decode-named-character-reference': entities } },
    html: { cspNonce: '__CSP_NONCE__' },
  };
});
