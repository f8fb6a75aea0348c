<script setup lang="ts">
import type { DropdownInstance } from 'element-plus';
import { ref } from 'vue';
import type { MenuItem } from './item';

/** A menu of commands below what is in its first slot; the library opens it where there is room and moves its focus. */
defineProps<{ items: readonly MenuItem[]; placement?: 'top-start' | 'bottom'; popper?: string; height?: string }>();
defineEmits<{ choose: [item: MenuItem] }>();
const menu = ref<DropdownInstance>();
defineExpose({ open: () => menu.value?.handleOpen() });
</script>

<template>
  <el-dropdown
    ref="menu"
    trigger="click"
    :placement="placement ?? 'bottom'"
    :popper-class="`plate-menu ${popper ?? ''}`"
    :max-height="height ?? '82vh'"
    :show-timeout="0"
    @command="(item: MenuItem) => $emit('choose', item)"
  >
    <slot />
    <template #dropdown>
      <el-dropdown-menu>
        <slot name="first" />
        <el-dropdown-item
          v-for="(i, at) in items"
          :key="at"
          :command="i"
          :divided="i.apart ?? false"
          :disabled="i.off ?? false"
          :class="{ half: i.half }"
          :data-command="i.command"
          :data-thing="i.label"
        >
          <span v-if="i.on !== undefined" class="lozenge" :class="{ on: i.on }" />
          <span class="label">{{ i.label }}</span>
          <span v-if="i.note" class="note">{{ i.note }}</span>
        </el-dropdown-item>
      </el-dropdown-menu>
    </template>
  </el-dropdown>
</template>

<style scoped>
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
