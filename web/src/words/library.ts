import type { Language } from 'element-plus/es/locale';
import { language } from './language';

const FILES = import.meta.glob<Language>('/node_modules/element-plus/es/locale/lang/*.mjs', { import: 'default' });

/** What the library of controls says by itself, in the page's language; nothing where English is its own. */
export async function libraryWords(): Promise<Language | undefined> {
  return language === 'en' ? undefined : FILES[`/node_modules/element-plus/es/locale/lang/${language}.mjs`]?.();
}
