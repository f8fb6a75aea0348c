// Builds the page that the measurements run in, from the front end's own sources and its own node_modules.
import { fileURLToPath } from 'node:url';

const at = (path) => fileURLToPath(new URL(path, import.meta.url));
const modules = at('../web/node_modules');

export default {
  root: at('./src'),
  base: '/bench/',
  resolve: {
    alias: [
      { find: '#compiled-core', replacement: at('../core-web/target/js/rhombus-core.js') },
      { find: '#words', replacement: at('../core/src/main/resources/rhombus/words') },
      { find: /^three\/addons\/(.*)/, replacement: `${modules}/three/examples/jsm/$1` },
      { find: /^three$/, replacement: `${modules}/three/build/three.module.js` },
      { find: /^bunny$/, replacement: `${modules}/bunny/index.js` },
      { find: /^teapot$/, replacement: `${modules}/teapot/teapot.js` },
      { find: /^three-mesh-bvh$/, replacement: `${modules}/three-mesh-bvh/src/index.js` },
    ],
  },
  build: { outDir: at('../bench/dist'), emptyOutDir: true, target: 'es2022', chunkSizeWarningLimit: 2000 },
};
