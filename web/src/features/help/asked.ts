import type { HelpAnswers } from '../../core';
import { helpWords, termOf, type Term } from '../../shared/helpWords';

/** What is told of something. */
export interface Told {
  name: string;
  says: string;
  /** What is special about this one. */
  note: string;
  triggers: string[];
  term: Term | null;
}

/** What is asked about: a command or a thing, and what is special about this one. */
export interface Asked {
  command: string | null;
  thing: string | null;
  note: string;
}

const CONTROLS = '[data-help],[data-command]';
/** Who points and asks is also told of what controls lie in. */
const ALL = `${CONTROLS},[data-about]`;

/** What an element of the page is, by itself or by what it lies in. */
export function askedOf(target: EventTarget | null, all = false): { element: HTMLElement; asked: Asked } | null {
  const element = target instanceof Element ? target.closest<HTMLElement>(all ? ALL : CONTROLS) : null;
  if (!element) return null;
  const { help, about, command, note } = element.dataset;
  const thing = help ?? (command ? null : (about ?? null));
  return { element, asked: { thing, command: thing ? null : (command ?? null), note: note ?? '' } };
}

/** What is told of it; null where there is nothing to tell. */
export async function tell(asked: Asked, core: HelpAnswers | null): Promise<Told | null> {
  const words = await helpWords();
  const id = asked.thing ? `thing.${asked.thing}` : asked.command;
  const says = id && words.get(id);
  if (!id || !says) return null;
  const about = asked.command ? core?.about(asked.command) : null;
  return {
    name: about?.name ?? words.get(`${id}.name`) ?? '',
    says,
    note: asked.note,
    triggers: about?.triggers ?? [],
    term: await termOf(id),
  };
}
