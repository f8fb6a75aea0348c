import { fileURLToPath } from 'node:url';
import vue from '@vitejs/plugin-vue';
import AutoImport from 'unplugin-auto-import/vite';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import Components from 'unplugin-vue-components/vite';
import { defineConfig } from 'vitest/config';

const words = fileURLToPath(new URL('../core/src/main/resources/rhombus/words', import.meta.url));
const compiledCore = fileURLToPath(new URL('../core-web/target/js/rhombus-core.js', import.meta.url));

export default defineConfig({
  plugins: [
    vue(),
    AutoImport({ resolvers: [ElementPlusResolver()], dts: 'auto-imports.d.ts' }),
    Components({ dirs: [], resolvers: [ElementPlusResolver()], dts: 'components.d.ts' }),
  ],
  resolve: { alias: { '#compiled-core': compiledCore, '#words': words } },
  server: { port: 5173, fs: { allow: ['..'] }, proxy: { '/api': 'http://127.0.0.1:8080' } },
  build: { target: 'es2022', chunkSizeWarningLimit: 900, assetsInlineLimit: 0 },
  test: {
    environment: 'happy-dom',
    environmentOptions: { happyDOM: { url: 'http://localhost:8080' } },
    setupFiles: ['test/words.ts'],
    include: ['test/**/*.spec.ts'],
    server: { deps: { inline: ['element-plus'] } },
  },
});
