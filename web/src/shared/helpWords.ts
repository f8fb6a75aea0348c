import { part } from './parts';
import { wordsOf } from '../words/language';
import { messages } from '../words/messages';

/** A word of the trade, as the glossary explains it. */
export interface Term {
  id: string;
  name: string;
  says: string;
  /** Other words for it. */
  also: string;
}

/** What things are, in a sentence each. */
export const helpWords = part(() => wordsOf('help').then(messages));
/** What drills are called, what they ask for, and hints. */
export const drillWords = part(() => wordsOf('drills').then(messages));
const glossaryWords = part(() => wordsOf('glossary').then(messages));

/** All words of the glossary, in the order of the alphabet. */
export async function terms(): Promise<Term[]> {
  const words = await glossaryWords();
  return [...words.keys()]
    .filter((k) => !k.includes('.'))
    .map((id) => ({
      id,
      name: words.get(`${id}.name`) ?? id,
      says: words.get(id)!,
      also: words.get(`${id}.also`) ?? '',
    }))
    .sort((a, b) => a.name.localeCompare(b.name));
}

/** The word of the glossary that explains a command or a thing, if there is one. */
export async function termOf(id: string): Promise<Term | null> {
  const words = await glossaryWords();
  const of = [...words.keys()].find((k) => k.endsWith('.of') && words.get(k)!.split(' ').includes(id));
  return of ? ((await terms()).find((t) => `${t.id}.of` === of) ?? null) : null;
}
