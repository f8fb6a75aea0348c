import { nextTick, onBeforeUnmount, watch, type Ref } from 'vue';
import { intoField, keyboardOwner } from './typeAhead';
import { toStage } from './toStage';

/** Dialogs that are open, the newest last, each by how the Escape key closes it. */
const open: { escape: () => void }[] = [];

/** Whether a dialog lies over the page, so that keys are not the viewports'. */
export function dialogOpen(): boolean {
  return open.length > 0;
}

/** The Escape key where nothing in a dialog has the keyboard, as after a list in it was used; says whether one took it. */
export function escapeDialog(): boolean {
  const top = open.at(-1);
  top?.escape();
  return !!top;
}

/**
 * Who has the keyboard while a dialog opens and after it was closed. What is typed on the way goes into its first field
 * (`data-first-field`), if it has one. Afterwards the viewports have it, unless the dialog was opened from the keyboard alone.
 */
export function useDialogFocus(shown: Ref<boolean>, inside: Ref<HTMLElement | undefined>, mayEscape: () => boolean) {
  let opener: HTMLElement | null = null;
  let opening = false;
  const me = {
    escape: () => {
      if (mayEscape()) shown.value = false;
    },
  };
  const firstField = () => inside.value?.querySelector<HTMLInputElement>('input[data-first-field]');

  /** The library puts the keyboard on the dialog itself, once or twice; the field has it before the next key comes. */
  function ready(): void {
    const field = firstField();
    if (shown.value && field) intoField(field);
  }

  function focused(e: FocusEvent): void {
    if (opening && inside.value && (e.target as HTMLElement).contains(inside.value)) ready();
  }

  function opened(): void {
    ready();
    opening = false;
  }

  function back(): void {
    if (shown.value || open.length) return;
    if (opener?.isConnected) opener.focus({ preventScroll: true });
    else toStage();
  }

  /** The library's lists keep the Escape key to themselves, also while they are shut. */
  function key(e: KeyboardEvent): void {
    const shut = (e.target as HTMLElement).matches?.('[role=combobox][aria-expanded=false]');
    if (e.key !== 'Escape' || !shut || open.at(-1) !== me) return;
    e.stopPropagation();
    me.escape();
  }

  function leave(): void {
    window.removeEventListener('keydown', key, true);
    if (open.includes(me)) open.splice(open.indexOf(me), 1);
    inside.value?.closest('[role=dialog]')?.removeEventListener('focusin', focused as EventListener);
  }

  watch(
    shown,
    async (on) => {
      if (on) {
        const owner = keyboardOwner();
        const onStage = !owner || owner === document.body || !!owner.closest('[data-stage]');
        opener = !onStage && owner instanceof HTMLElement && owner.matches(':focus-visible') ? owner : null;
        open.push(me);
        opening = true;
        window.addEventListener('keydown', key, true);
        await nextTick();
        await nextTick();
        inside.value?.closest('[role=dialog]')?.addEventListener('focusin', focused as EventListener);
        ready();
      } else {
        leave();
        await nextTick();
        back();
      }
    },
    { immediate: true },
  );
  onBeforeUnmount(leave);
  return { ready, opened, back: () => void nextTick(back) };
}
