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

let help: Promise<Map<string, string>> | null = null;
let drills: Promise<Map<string, string>> | null = null;
let glossary: Promise<Map<string, string>> | null = null;

/** What things are, in a sentence each; fetched when somebody asks for the first time. */
export function helpWords(): Promise<Map<string, string>> {
  help ??= wordsOf('help').then(messages);
  return help;
}

/** What drills are called, what they ask for, and hints. */
export function drillWords(): Promise<Map<string, string>> {
  drills ??= wordsOf('drills').then(messages);
  return drills;
}

function glossaryWords(): Promise<Map<string, string>> {
  glossary ??= wordsOf('glossary').then(messages);
  return glossary;
}

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
