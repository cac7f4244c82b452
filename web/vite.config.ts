import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { pictures } from './pictures.ts';

export default defineConfig({
  plugins: [react(), pictures()],
  build: { assetsInlineLimit: 0, sourcemap: false },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:5080' } },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
});
