<script setup lang="ts">
import type { DevicePart } from '../../core';

/** A device drawn small, each part in the colour of what dragging it does. */
const props = defineProps<{ device: string; parts: DevicePart[] }>();

function colour(trigger: string) {
  const family = props.parts.find((p) => p.trigger === trigger)?.family ?? -1;
  return family < 0 ? 'var(--raised)' : `var(--f${family})`;
}
</script>

<template>
  <svg viewBox="0 0 120 64" aria-hidden="true">
    <g v-if="device === 'mouse'" class="drawn">
      <path d="M40 30V12l9-9h8v27z" :style="{ fill: colour('drag:left') }" />
      <path d="M63 30V3h8l9 9v18z" :style="{ fill: colour('drag:right') }" />
      <path d="M57 22V8l3-3 3 3v14l-3 3z" :style="{ fill: colour('drag:middle') }" />
      <path d="M40 30h40v21l-10 10H50L40 51z" class="body" />
    </g>
    <g v-else-if="device === 'trackpad'" class="drawn">
      <path d="M22 6h76v52H30l-8-8z" class="body" />
      <path d="M48 26l6-6 6 6-6 6zM64 34l6-6 6 6-6 6z" :style="{ fill: colour('slide:') }" />
    </g>
    <g v-else-if="device === 'touch'" class="drawn">
      <path d="M34 4h46l6 6v50H40l-6-6z" class="body" />
      <path d="M48 20l6-6 6 6-6 6z" :style="{ fill: colour('touch:1') }" />
      <path d="M60 34l6-6 6 6-6 6z" :style="{ fill: colour('touch:2') }" />
      <path d="M46 46l6-6 6 6-6 6z" :style="{ fill: colour('touch:3') }" />
    </g>
    <g v-else-if="device === 'gamepad'" class="drawn">
      <path d="M24 14h72l12 12-8 32H84l-8-12H44l-8 12H20l-8-32z" class="body" />
      <path d="M46 34l7-7 7 7-7 7z" :style="{ fill: colour('gamepad-axis:left-x') }" />
      <path d="M62 34l7-7 7 7-7 7z" :style="{ fill: colour('gamepad-axis:right-x') }" />
      <path d="M27 28l4-4 4 4-4 4z" :style="{ fill: colour('gamepad:left-top') }" />
      <path d="M85 22l4-4 4 4-4 4z" :style="{ fill: colour('gamepad:right-top') }" />
      <path d="M79 28l4-4 4 4-4 4z" :style="{ fill: colour('gamepad:right-left') }" />
      <path d="M91 28l4-4 4 4-4 4z" :style="{ fill: colour('gamepad:right-right') }" />
      <path d="M85 34l4-4 4 4-4 4z" :style="{ fill: colour('gamepad:right-bottom') }" />
    </g>
    <g v-else-if="device === 'mouse3d'" class="drawn">
      <path d="M24 52l8-12h56l8 12v8H24z" class="body" />
      <path d="M42 40V18l8-8h20l8 8v22z" :style="{ fill: colour('mouse3d-axis:rz') }" />
      <path d="M42 18l8-8h20l8 8-8 6H50z" :style="{ fill: colour('mouse3d-axis:y') }" />
    </g>
    <g v-else class="drawn">
      <path d="M14 50l10-4-3-7z" :style="{ fill: colour('pen:') }" />
      <path d="M24 46l-3-7 62-25 4 8z" class="body" />
      <path d="M38 34l20-8 2 4-20 8z" :style="{ fill: colour('pen:barrel') }" />
      <path d="M83 14l4 8 13-6-4-7z" :style="{ fill: colour('pen:eraser') }" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 120px;
  height: 64px;
  margin: 0 0 4px -8px;
}
.drawn path {
  stroke: var(--quiet);
  stroke-width: 1.2;
}
.body {
  fill: var(--raised);
}
</style>
