<script setup lang="ts">
/** A switch at the end of a row: `eye` for what is drawn, `lock` for what is picked. `dim` where something above decides. */
defineProps<{ what: 'eye' | 'lock'; on: boolean; label: string; dim?: boolean }>();
</script>

<template>
  <button
    type="button"
    class="switch"
    :class="[what, { on, dim }]"
    :aria-label="label"
    :aria-pressed="on"
    :data-help="what === 'eye' ? 'eye' : 'lock'"
    :data-note="label"
    :data-switch="what"
    tabindex="-1"
  >
    <svg viewBox="-8 -8 16 16" width="14" height="14" aria-hidden="true">
      <template v-if="what === 'eye'">
        <path d="M-7 0 0-5 7 0 0 5Z" />
        <path v-if="on" class="full" d="M0-2.5 2.5 0 0 2.5-2.5 0Z" />
        <path v-else d="M-6 6 6-6" />
      </template>
      <template v-else>
        <path d="M-5-1H5V6H-5Z" :class="{ full: on }" />
        <path :d="on ? 'M-3-1V-4L0-7 3-4V-1' : 'M-3-1V-4L0-7 3-4'" />
      </template>
    </svg>
  </button>
</template>

<style scoped>
.switch {
  width: 24px;
  height: 24px;
  flex: none;
  border: 0;
  padding: 0;
  background: none;
  color: var(--quiet);
  cursor: pointer;
  display: grid;
  place-items: center;
}
.switch:hover {
  color: var(--accent);
}
svg path {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.3;
}
svg .full {
  fill: currentColor;
}
.lock.on {
  color: var(--caution);
}
.eye:not(.on) {
  color: var(--caution);
}
.dim {
  opacity: 0.45;
}
</style>
