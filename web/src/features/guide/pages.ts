import { Lexer, type Token, type Tokens } from 'marked';
import { part } from '../../shared/parts';
import { guideText } from '../../words/language';

/** A page of the guide. */
export interface Page {
  id: string;
  name: string;
  /** What stands on it, below its title. */
  body: Token[];
}

/** A part of a page that is found by itself: what stands before the first heading, or below one. */
export interface Section {
  id: string;
  page: string;
  /** Its heading, or that of the page. */
  name: string;
  /** The page it is on, where it is not the beginning of it. */
  of: string;
  /** What is searched; commands stand in it by their ids. */
  text: string;
}

const TITLE = /^(.+) \{#([a-z]+)\}$/;

/** The guide as its file has it: each heading of the first rank, with an id in braces, begins a page. */
export function pagesOf(text: string): Page[] {
  const pages: Page[] = [];
  for (const token of new Lexer().lex(text)) {
    const title = token.type === 'heading' && token.depth === 1 ? TITLE.exec((token as Tokens.Heading).text) : null;
    if (title) pages.push({ id: title[2]!, name: title[1]!, body: [] });
    else if (token.type !== 'space') pages.at(-1)?.body.push(token);
  }
  return pages;
}

/** Where a heading of a page is, to go there. */
export const anchorOf = (page: string, heading: string) =>
  `guide-${page}-${heading.toLowerCase().replaceAll(/[^\p{L}\p{N}]+/gu, '-')}`;

/** The parts of all pages. */
export function sectionsOf(pages: Page[]): Section[] {
  return pages.flatMap((p) => {
    const parts: Section[] = [{ id: p.id, page: p.id, name: p.name, of: '', text: '' }];
    for (const token of p.body) {
      if (token.type === 'heading') {
        const { text } = token as Tokens.Heading;
        parts.push({ id: anchorOf(p.id, text), page: p.id, name: text, of: p.name, text: '' });
      } else parts.at(-1)!.text += `${token.raw}\n`;
    }
    return parts;
  });
}

/** All pages. */
export const guidePages = part(() => guideText().then(pagesOf));
