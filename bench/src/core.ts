import { pageModule, newSession } from "#compiled-core";

/** The hierarchy of one mesh by itself. */
export const hierarchy = pageModule();

/** The one stage that is measured. */
export const core = newSession();
