<script setup lang="ts">
import LinkBox from '../panels/common/LinkBox.vue';
import Notices from './Notices.vue';
import type { OpenScene } from './openScene';

defineProps<{ open: OpenScene; link: string }>();
defineEmits<{ copied: []; apart: [] }>();
</script>

<template>
  <!-- One column: nothing of it can come to lie over a button of the rest. -->
  <div class="told">
    <div
      v-if="open.later.value"
      class="later clipped"
      role="alertdialog"
      aria-label="Open in another window"
      data-later
    >
      <p><b>This scene is already open in another window.</b> That one saves; what you do here stays in this page.</p>
      <el-button size="small" type="primary" @click="open.takeOver()">Take over</el-button>
      <el-button size="small" @click="$emit('apart')">Go on apart</el-button>
    </div>
    <LinkBox v-if="link" class="later clipped" :link="link" @close="$emit('copied')" />
    <Notices :open="open" />
  </div>
</template>

<style scoped>
.told {
  position: absolute;
  left: 50%;
  top: 10px;
  transform: translateX(-50%);
  z-index: 6;
  display: grid;
  gap: 6px;
  justify-items: center;
  width: max-content;
  max-width: 80%;
  pointer-events: none;
}
.later {
  pointer-events: auto;
  display: flex;
  gap: 12px;
  align-items: center;
  width: max-content;
  max-width: min(680px, 100%);
  padding: 10px 18px;
  background: var(--raised);
}
</style>
