<script setup lang="ts">
import { nextTick, ref } from 'vue';
import type { DropdownInstance } from 'element-plus';
import type { SceneEntry } from '../../api/api';
import { say } from '../../words/say';

/** What can be done to a scene in the list. Of hundreds of menus only those are made that are opened. */
defineProps<{ scene: SceneEntry; busy: boolean }>();
const emit = defineEmits<{ choose: [what: string] }>();
const made = ref(false);
const menu = ref<DropdownInstance>();
const button = ref<HTMLButtonElement>();

async function open() {
  made.value = true;
  await nextTick();
  button.value?.focus();
  menu.value?.handleOpen();
}
</script>

<template>
  <button
    v-if="!made"
    class="plain more"
    data-help="card-menu"
    :aria-label="say('card-menu.what-to-do-with', scene.name)"
    :disabled="busy"
    @click="open"
  >
    <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
      <path d="M2 5h12M2 11h12M5 3v4M11 9v4" fill="none" stroke="currentColor" stroke-width="1.6" />
    </svg>
  </button>
  <el-dropdown v-else ref="menu" trigger="click" @command="emit('choose', $event)">
    <button
      ref="button"
      class="plain more"
      data-help="card-menu"
      :aria-label="say('card-menu.what-to-do-with', scene.name)"
      :disabled="busy"
    >
      <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
        <path d="M2 5h12M2 11h12M5 3v4M11 9v4" fill="none" stroke="currentColor" stroke-width="1.6" />
      </svg>
    </button>
    <template #dropdown>
      <el-dropdown-menu>
        <el-dropdown-item command="rename">{{ say('card-menu.rename') }}</el-dropdown-item>
        <el-dropdown-item command="copy">{{ say('card-menu.copy') }}</el-dropdown-item>
        <el-dropdown-item v-if="scene.unit" command="stand">{{ say('card-menu.up-axis-and-unit') }}</el-dropdown-item>
        <el-dropdown-item command="remove" divided>{{ say('card-menu.delete') }}</el-dropdown-item>
      </el-dropdown-menu>
    </template>
  </el-dropdown>
</template>

<style scoped>
.more {
  color: var(--quiet);
  min-width: 28px;
  min-height: 28px;
  display: grid;
  place-items: center;
}
</style>
