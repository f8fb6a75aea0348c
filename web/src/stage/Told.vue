<script setup lang="ts">
import LinkBox from '../panels/common/LinkBox.vue';
import Notices from './Notices.vue';
import type { OpenScene } from './openScene';
import { say } from '../words/say';

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
      :aria-label="say('told.open-in-another-window')"
      data-later
    >
      <p>
        <b>{{ say('told.this-scene-is-already-open-in') }}</b> {{ say('told.that-one-saves-what-you-do') }}
      </p>
      <el-button size="small" type="primary" @click="open.takeOver()">{{ say('told.take-over') }}</el-button>
      <el-button size="small" @click="$emit('apart')">{{ say('told.go-on-apart') }}</el-button>
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
