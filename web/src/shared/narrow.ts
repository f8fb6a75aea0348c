import { onBeforeUnmount, ref, type Ref } from 'vue';

/** Below this width there is no room for drawers beside the viewports, nor for everything in the bar. */
const NARROW = '(max-width: 1099px)';
/** Below this width there is none for tabs. */
const SLIM = '(max-width: 719px)';

function matches(query: string): Ref<boolean> {
  const media = window.matchMedia(query);
  const on = ref(media.matches);
  const change = () => (on.value = media.matches);
  media.addEventListener('change', change);
  onBeforeUnmount(() => media.removeEventListener('change', change));
  return on;
}

export const useNarrow = () => matches(NARROW);
export const useSlim = () => matches(SLIM);
