import '@fontsource/atkinson-hyperlegible/400.css';
import '@fontsource/atkinson-hyperlegible/700.css';
import '@fontsource/jetbrains-mono/400.css';
import 'element-plus/theme-chalk/base.css';
import './theme/tokens.css';
import './theme/base.css';
import './theme/element.css';
import './theme/plate.css';
import { applyTheme } from './theme/theme';
import { language, wordsOf } from './words/language';
import { useTexts } from './words/say';

applyTheme();
document.documentElement.lang = language;
// Components look many of their words up once, when they are first used: the words come before them.
useTexts(await wordsOf('app'));
await import('./begin');
