import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  build: { outDir: 'dist/app', emptyOutDir: true, target: 'es2022', sourcemap: false },
  worker: { format: 'es' },
  html: { cspNonce: '__CSP_NONCE__' },
});
