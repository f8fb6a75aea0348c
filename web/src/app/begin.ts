import '@fontsource/atkinson-hyperlegible/400.css';
import '@fontsource/atkinson-hyperlegible/700.css';
import '@fontsource/jetbrains-mono/400.css';
import 'element-plus/theme-chalk/base.css';
import '../shared/theme/tokens.css';
import '../shared/theme/base.css';
import '../shared/theme/element.css';
import '../shared/theme/plate.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import { libraryWords } from '../words/library';

createApp(App, { library: await libraryWords() })
  .use(createPinia())
  .use(router)
  .mount('#app');
