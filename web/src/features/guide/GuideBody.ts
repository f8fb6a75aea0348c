import { h, type FunctionalComponent, type VNodeChild } from 'vue';
import type { Token, Tokens } from 'marked';
import { anchorOf, type Page } from './pages';
import { say } from '../../words/say';

/** What the guide knows of a command: its name, and what runs it in the keymap in use. */
export type AboutCommand = (id: string) => { name: string; triggers: string[] } | null;

interface Props {
  page: Page;
  about: AboutCommand;
  /** Whether commands can be run from here. */
  live: boolean;
}
interface Emits {
  go: (page: string) => void;
  run: (command: string) => void;
  word: (id: string) => void;
}

/** So many triggers of a command stand in a sentence; Keys has the others. */
const MOST = 3;
const KEY = /\{([a-z.-]+)\}/;
const pictures = import.meta.glob<string>('../../../../docs/screenshots/*.png', { query: '?url', import: 'default' });

/** A picture is fetched with the page that shows it. */
function picture(name: string, words: string): VNodeChild {
  const address = pictures[`../../../../docs/screenshots/${name}.png`]?.();
  return h('img', {
    key: name,
    alt: words,
    loading: 'lazy',
    width: 1280,
    height: 800,
    onVnodeBeforeMount: (v) => void address?.then((src) => ((v.el as HTMLImageElement).src = src)),
  });
}

/** A page of the guide, with the keys of the user's own keymap in it. */
const GuideBody: FunctionalComponent<Props, { [K in keyof Emits]: Emits[K] }> = ({ page, about, live }, { emit }) => {
  const keys = (id: string): VNodeChild => {
    const told = about(id);
    if (!told) return '';
    const { triggers } = told;
    if (!triggers.length) return h('em', told.name);
    const more = triggers.length > MOST ? ` ${say('guide-body.and-more', triggers.length - MOST)}` : '';
    return [triggers.slice(0, MOST).map((t, i) => [i ? ', ' : '', h('kbd', t)]), more];
  };
  const words = (text: string) => text.split(KEY).map((part, i) => (i % 2 ? keys(part) : part));
  const link = (t: Tokens.Link): VNodeChild => {
    const [kind, id] = t.href.includes(':') ? t.href.split(':') : ['page', t.href];
    if (kind !== 'page' && !live) return inline(t.tokens);
    const press = () => {
      if (kind === 'page') emit('go', id!);
      else if (kind === 'word') emit('word', id!);
      else emit('run', id!);
    };
    return h('button', { class: 'plain link', onClick: press }, inline(t.tokens));
  };
  const inline = (tokens: Token[] | undefined): VNodeChild[] =>
    (tokens ?? []).map((t) => {
      if (t.type === 'strong') return h('strong', inline(t.tokens));
      if (t.type === 'em') return h('em', inline(t.tokens));
      if (t.type === 'codespan') return h('code', (t as Tokens.Codespan).text);
      if (t.type === 'link') return link(t as Tokens.Link);
      if (t.type === 'image') return picture((t as Tokens.Image).href, (t as Tokens.Image).text);
      return 'tokens' in t && t.tokens ? inline(t.tokens) : words((t as Tokens.Text).text);
    });
  return page.body.map((t) => {
    if (t.type === 'heading')
      return h('h4', { id: anchorOf(page.id, (t as Tokens.Heading).text) }, inline((t as Tokens.Heading).tokens));
    if (t.type === 'list')
      return h(
        'ul',
        (t as Tokens.List).items.map((i) => h('li', inline(i.tokens))),
      );
    return h('p', inline((t as Tokens.Paragraph).tokens));
  });
};
GuideBody.props = ['page', 'about', 'live'];
GuideBody.emits = ['go', 'run', 'word'];
export default GuideBody;
