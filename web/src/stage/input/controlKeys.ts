import { useCore } from '../../core';
import { modifiersOf } from './modifiers';

/** Controls whose keys the core knows. */
export type Control = 'tree' | 'typing' | 'tabs' | 'menu' | 'row' | 'rose' | 'border' | 'handle' | 'pad' | 'button';

/**
 * The keyboard in a control of the page: the core says what a key does there, and a key that did something goes nowhere else.
 *
 * @param does what is to be done; false where there was nothing to do, so that the key goes on
 */
export function useControlKeys(
  control: Control | (() => Control),
  does: (action: string, e: KeyboardEvent) => boolean | void,
): (e: KeyboardEvent) => void {
  const core = useCore();
  return (e) => {
    const name = typeof control === 'function' ? control() : control;
    const action = core.stage.panelKeys.action(name, e.key, e.code, modifiersOf(e));
    if (!action || does(action, e) === false) return;
    e.preventDefault();
    e.stopPropagation();
  };
}
