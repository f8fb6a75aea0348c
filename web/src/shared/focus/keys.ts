/** Whether a key leaves what is open. */
export const isEscape = (e: KeyboardEvent): boolean => e.key === 'Escape';

/** Whether a key goes on to the next control. */
export const isTab = (e: KeyboardEvent): boolean => e.key === 'Tab';
