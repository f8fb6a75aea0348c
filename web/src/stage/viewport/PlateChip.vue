<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import CommandMenu from '../../shared/menus/CommandMenu.vue';
import type { MenuItem } from '../../shared/menus/item';

const props = defineProps<{
  text: string;
  label: string;
  help: string;
  choices: MenuItem[];
  lead?: boolean;
  bright?: boolean;
}>();
defineEmits<{ choose: [choice: MenuItem] }>();
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
  <CommandMenu
    v-if="near"
    :items="choices"
    placement="top-start"
    height="70vh"
    @choose="(c: MenuItem) => $emit('choose', c)"
  >
    <button ref="chip" class="chip" :class="{ lead, bright }" :aria-label="name" :data-help="help">
      {{ text }}<slot />
    </button>
  </CommandMenu>
  <div v-else class="el-dropdown">
    <button
      class="chip"
      :class="{ lead, bright }"
      :aria-label="name"
      :data-help="help"
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
</style>
