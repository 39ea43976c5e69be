import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig(({ command }) => {
  // A NODE_ENV left over from a shell or a test runner would build React's slow development version.
  if (command === 'build') process.env.NODE_ENV = 'production';
  return {
    plugins: [react()],
    build: { outDir: 'dist/app', emptyOutDir: true, target: 'es2022', sourcemap: false },
    worker: { format: 'es' },
    html: { cspNonce: '__CSP_NONCE__' },
  };
});
