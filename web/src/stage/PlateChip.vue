<script lang="ts">
import type { Plain } from '../core';

export interface Choice {
  label: string;
  note?: string;
  command: string;
  args?: Plain;
  on?: boolean;
  apart?: boolean;
  /** Two of these share a line. */
  half?: boolean;
}
</script>

<script setup lang="ts">
import { nextTick, ref } from 'vue';

defineProps<{ text: string; label: string; choices: Choice[]; lead?: boolean; bright?: boolean }>();
defineEmits<{ choose: [choice: Choice] }>();
/** Menus are many and seldom opened: each is made when the pointer or the keyboard first comes to its chip. */
const near = ref(false);
const chip = ref<HTMLElement>();

async function come(focused: boolean) {
  near.value = true;
  await nextTick();
  if (focused) chip.value?.focus();
}
</script>

<template>
  <el-dropdown
    v-if="near"
    trigger="click"
    placement="top-start"
    popper-class="plate-menu"
    max-height="70vh"
    :show-timeout="0"
    @command="(c: Choice) => $emit('choose', c)"
  >
    <button ref="chip" class="chip" :class="{ lead, bright }" :aria-label="`${label}: ${text}`">{{ text }}</button>
    <template #dropdown>
      <el-dropdown-menu>
        <el-dropdown-item
          v-for="c in choices"
          :key="c.label"
          :command="c"
          :divided="c.apart ?? false"
          :class="{ half: c.half }"
          :data-command="c.command"
        >
          <span class="lozenge" :class="{ on: c.on }" />
          <span class="label">{{ c.label }}</span>
          <span v-if="c.note" class="note">{{ c.note }}</span>
        </el-dropdown-item>
      </el-dropdown-menu>
    </template>
  </el-dropdown>
  <div v-else class="el-dropdown">
    <button
      class="chip"
      :class="{ lead, bright }"
      :aria-label="`${label}: ${text}`"
      aria-haspopup="menu"
      @pointerenter="come(false)"
      @focus="come(true)"
    >
      {{ text }}
    </button>
  </div>
</template>

<style scoped>
.chip {
  border: 0;
  padding: 4px 16px 4px 14px;
  margin-right: -7px;
  font-size: 12.5px;
  line-height: 18px;
  background: var(--plate);
  color: var(--quiet);
  cursor: pointer;
  white-space: nowrap;
  clip-path: polygon(9px 0, calc(100% - 9px) 0, 100% 100%, 0 100%);
}
.el-dropdown:first-child .chip {
  padding-left: 10px;
  clip-path: polygon(0 0, calc(100% - 9px) 0, 100% 100%, 0 100%);
}
.chip.bright,
.chip:hover {
  color: var(--text);
}
.chip.lead {
  background: var(--accent);
  color: var(--on-accent);
  font-weight: 700;
}
.chip:focus-visible {
  outline-offset: -3px;
}
.chip.lead:focus-visible {
  outline-color: var(--on-accent);
}
.label {
  margin: 0 18px 0 10px;
}
.note {
  margin-left: auto;
  color: var(--quiet);
  font-size: 12px;
}
</style>
