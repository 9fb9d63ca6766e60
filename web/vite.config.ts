import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  build: { outDir: 'target/classes/static', emptyOutDir: true, chunkSizeWarningLimit: 1200 },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:8080', '/v3': 'http://127.0.0.1:8080' } },
  test: { environment: 'jsdom', setupFiles: ['src/testing/setup.ts'], css: false, testTimeout: 60_000 },
});
