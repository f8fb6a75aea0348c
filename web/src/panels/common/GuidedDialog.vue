<script setup lang="ts">
import GuideButton from '../../guide/GuideButton.vue';

/** A dialog that leads to what the guide tells of it. */
defineOptions({ inheritAttrs: false });
defineProps<{ title: string; guide: string; width?: string }>();
const shown = defineModel<boolean>({ required: true });
</script>

<template>
  <el-dialog v-model="shown" v-bind="$attrs" :width="width && `min(${width}, 96vw)`" append-to="#dialogs">
    <template #header="{ titleId, titleClass }">
      <span :id="titleId" role="heading" aria-level="2" :class="titleClass">{{ title }}</span>
      <GuideButton class="guide" :page="guide" />
    </template>
    <slot />
    <template v-if="$slots.footer" #footer><slot name="footer" /></template>
  </el-dialog>
</template>

<style>
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
