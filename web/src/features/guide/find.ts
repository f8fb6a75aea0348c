import MiniSearch from 'minisearch';
import type { Section } from './pages';

/** Finds parts of the guide by words, also by their beginnings and with a slip. */
export function finder(sections: Section[], nameOf: (command: string) => string) {
  const index = new MiniSearch<Section>({
    fields: ['name', 'text'],
    extractField: (s, field) =>
      field === 'text'
        ? s.text.replaceAll(/\{([a-z.-]+)\}/g, (_, id: string) => nameOf(id))
        : (s[field as keyof Section] as string),
    searchOptions: { prefix: true, fuzzy: 0.2, boost: { name: 3 }, combineWith: 'AND' },
  });
  index.addAll(sections);
  const by = new Map(sections.map((s) => [s.id, s]));
  return (words: string): Section[] => index.search(words).map((hit) => by.get(hit.id as string)!);
}
