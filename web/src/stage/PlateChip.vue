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
import { computed, nextTick, ref } from 'vue';

const props = defineProps<{ text: string; label: string; choices: Choice[]; lead?: boolean; bright?: boolean }>();
defineEmits<{ choose: [choice: Choice] }>();
const name = computed(() => (props.text ? `${props.label}: ${props.text}` : props.label));
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
    <button ref="chip" class="chip" :class="{ lead, bright }" :aria-label="name" :title="text ? undefined : label">
      {{ text }}<slot />
    </button>
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
          <span v-if="c.on !== undefined" class="lozenge" :class="{ on: c.on }" />
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
      :aria-label="name"
      aria-haspopup="menu"
      @pointerenter="come(false)"
      @focus="come(true)"
    >
      {{ text }}<slot />
    </button>
  </div>
</template>

<style scoped>
.el-dropdown {
  display: flex;
  min-width: 0;
}
.el-dropdown:has(svg) {
  flex: none;
}
.label {
  margin-right: 18px;
}
.lozenge + .label {
  margin-left: 10px;
}
.note {
  margin-left: auto;
  color: var(--quiet);
  font-size: 12px;
}
</style>
