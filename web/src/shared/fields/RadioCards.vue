<script setup lang="ts" generic="Choice extends { id: string }">
/** One of several, each shown at length: radio buttons without their circles. */
defineProps<{ label: string; choices: readonly Choice[]; attribute: string }>();
const chosen = defineModel<Choice['id']>({ required: true });
</script>

<template>
  <el-radio-group v-model="chosen" class="cards" :aria-label="label">
    <el-radio
      v-for="c in choices"
      :key="c.id"
      :value="c.id"
      :class="{ on: chosen === c.id }"
      v-bind="{ [attribute]: c.id }"
    >
      <slot :choice="c" :on="chosen === c.id" />
    </el-radio>
  </el-radio-group>
</template>

<style scoped>
.cards :deep(.el-radio) {
  height: auto;
  margin: 0;
  color: inherit;
  font: inherit;
  white-space: normal;
}
.cards :deep(.el-radio__input) {
  position: absolute;
  opacity: 0;
}
.cards :deep(.el-radio__label) {
  padding: 0;
  width: 100%;
  color: inherit;
}
.cards :deep(.el-radio:has(:focus-visible)) {
  outline: 2px solid var(--accent);
  outline-offset: 1px;
}
</style>
