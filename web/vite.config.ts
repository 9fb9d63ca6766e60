import react from '@vitejs/plugin-react';
import { compression } from 'vite-plugin-compression2';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  // Packed once, here; the server hands the packed file out and packs nothing while somebody waits.
  plugins: [
    react(),
    compression({ algorithms: ['gzip'], include: /\.(js|css|html|svg|json)$/, threshold: 0 }),
  ],
  build: { outDir: 'target/classes/static', emptyOutDir: true, chunkSizeWarningLimit: 1200 },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:8080', '/v3': 'http://127.0.0.1:8080' } },
  test: { environment: 'jsdom', setupFiles: ['src/testing/setup.ts'], css: false, testTimeout: 60_000 },
});
