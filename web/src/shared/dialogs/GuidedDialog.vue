<script setup lang="ts">
import { ref, useAttrs } from 'vue';
import GuideButton from './GuideButton.vue';
import { useDialogFocus } from '../focus/dialogFocus';

/** A dialog that leads to what the guide tells of it. */
defineOptions({ inheritAttrs: false });
defineProps<{ title: string; guide: string; width?: string }>();
const shown = defineModel<boolean>({ required: true });
const attrs = useAttrs();
const inside = ref<HTMLElement>();
// The library tells that it is closed once its picture has faded; the keyboard is free from the moment that it is closing.
const { ready, opened, back } = useDialogFocus(shown, inside, () => attrs['close-on-press-escape'] !== false);
</script>

<template>
  <el-dialog
    v-model="shown"
    v-bind="$attrs"
    :width="width && `min(${width}, 96vw)`"
    append-to="#dialogs"
    @close="shown = false"
    @open-auto-focus="ready"
    @opened="opened"
    @close-auto-focus="back"
  >
    <template #header="{ titleId, titleClass }">
      <span :id="titleId" role="heading" aria-level="2" :class="titleClass">{{ title }}</span>
      <GuideButton class="guide" :page="guide" />
    </template>
    <div ref="inside" class="inside"><slot /></div>
    <template v-if="$slots.footer" #footer><slot name="footer" /></template>
  </el-dialog>
</template>

<style>
.el-dialog .inside {
  display: contents;
}
.el-dialog__header:has(.guide) {
  display: flex;
  align-items: center;
  gap: 12px;
}
.el-dialog__header .guide {
  margin-left: auto;
  margin-right: 34px;
  min-height: 26px;
  color: var(--accent);
}
</style>
