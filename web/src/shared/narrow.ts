import { useMediaQuery } from '@vueuse/core';

/** Whether there is no room for drawers beside the viewports, nor for everything in the bar. */
export const useNarrow = () => useMediaQuery('(max-width: 1099px)');
/** Whether there is none for tabs. */
export const useSlim = () => useMediaQuery('(max-width: 719px)');
