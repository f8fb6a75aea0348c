import { computed } from 'vue';
import { useCore } from '../../core';
import { useStage } from './store';

/** The triggers of a command as things are, in words, wherever a page names them. */
export function useTriggers(command: string) {
  const core = useCore();
  const store = useStage();
  return computed(() => {
    void store.keymapVersion;
    return core.stage.keymaps.triggersOf(command);
  });
}
