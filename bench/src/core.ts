import { newStage } from "#compiled-core";

export { buildHierarchy, castRays, frameHierarchy } from "#compiled-core";

/** The one stage that is measured. */
export const core = newStage();
