import { applyTheme } from '../shared/theme/theme';
import { language, wordsOf } from '../words/language';
import { say, useTexts } from '../words/say';

applyTheme();
document.documentElement.lang = language;
// Components look many of their words up once, when they are first used: the words come before them.
useTexts(await wordsOf('app'));
document.getElementById('dialogs')?.setAttribute('aria-label', say('page.dialogs'));
await import('./begin');
