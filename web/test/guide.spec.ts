import { describe, expect, it } from 'vitest';
import { mount } from '@vue/test-utils';
import { readFileSync } from 'node:fs';
import { finder } from '../src/features/guide/find';
import GuideBody from '../src/features/guide/GuideBody';
import { pagesOf, sectionsOf } from '../src/features/guide/pages';

const GUIDE = `# One {#one}

Press {view.home} and **then** {view.gone}.

## A part {#not-an-id}

- see [two](two)
- run [it](run:app.keys)

# Two {#two}

Nothing but \`<b>words</b>\` of harbours.
`;
const about = (id: string) =>
  id === 'view.home' ? { name: 'Go home', triggers: ['H', 'Home', 'Pad 5', 'Q'] } : { name: 'Be gone', triggers: [] };

describe('the guide', () => {
  const pages = pagesOf(GUIDE);

  it('has a page for each heading of the first rank', () => {
    expect(pages.map((p) => [p.id, p.name])).toEqual([
      ['one', 'One'],
      ['two', 'Two'],
    ]);
  });

  it('tells the keys in use, and the name of what has none', () => {
    const body = mount(GuideBody, { props: { page: pages[0]!, about, live: true } });
    expect(body.text()).toContain('Press H, Home, Pad 5 and 1 more and then Be gone.');
    expect(body.findAll('kbd').map((k) => k.text())).toEqual(['H', 'Home', 'Pad 5']);
    expect(body.find('em').text()).toBe('Be gone');
  });

  it('leads to pages, and to commands only where they can be run', async () => {
    const body = mount(GuideBody, { props: { page: pages[0]!, about, live: true } });
    for (const b of body.findAll('button')) await b.trigger('click');
    expect(body.emitted('go')).toEqual([['two']]);
    expect(body.emitted('run')).toEqual([['app.keys']]);
    const dead = mount(GuideBody, { props: { page: pages[0]!, about, live: false } });
    expect(dead.findAll('button').map((b) => b.text())).toEqual(['two']);
    expect(dead.text()).toContain('run it');
  });

  it('shows what looks like markup as it was written', () => {
    const body = mount(GuideBody, { props: { page: pages[1]!, about, live: true } });
    expect(body.find('code').text()).toBe('<b>words</b>');
    expect(body.find('b').exists()).toBe(false);
  });

  it('finds parts by words, beginnings, slips and the names of commands', () => {
    const find = finder(sectionsOf(pages), (id) => about(id).name);
    expect(find('harb').map((s) => s.id)).toEqual(['two']);
    expect(find('harbuors').map((s) => s.id)).toEqual(['two']);
    expect(find('go home').map((s) => s.id)).toEqual(['one']);
    expect(find('part')[0]).toMatchObject({ page: 'one', of: 'One' });
    expect(find('harbours home')).toEqual([]);
  });

  it('is found page by page by its own title', () => {
    const whole = pagesOf(readFileSync('../core/src/main/resources/rhombus/words/guide.en.md', 'utf8'));
    const find = finder(sectionsOf(whole), () => '');
    expect(whole.length).toBeGreaterThan(20);
    for (const p of whole) expect(find(p.name)[0]?.page, p.name).toBe(p.id);
  });
});
