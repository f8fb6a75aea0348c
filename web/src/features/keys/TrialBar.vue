<script setup lang="ts">
import { computed } from 'vue';
import { useCore } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import { useStage } from '../../stage/open/store';
import { say } from '../../words/say';

/** While a keymap made by teaching is tried: the viewports are the place to feel it. */
const props = defineProps<{ open: OpenScene }>();
const core = useCore();
const store = useStage();
const trying = computed(() => {
  void store.keymapVersion;
  return core.stage.teaching.onTrial() ? String(core.stage.keymaps.current().name) : '';
});

function keep() {
  core.stage.teaching.keep();
  props.open.keepKeymap();
  props.open.keepHabits();
}

function discard() {
  core.stage.teaching.discard();
  props.open.wake();
}
</script>

<template>
  <div v-if="trying" class="trial" role="status" data-trial>
    <span class="lozenge on" />
    <span>{{ say('trial-bar.you-are-trying-move-in-the', trying) }}</span>
    <el-button type="primary" size="small" data-trial-deed="keep" @click="keep">{{ say('trial-bar.keep') }}</el-button>
    <el-button size="small" data-trial-deed="discard" @click="discard">{{ say('trial-bar.discard') }}</el-button>
  </div>
</template>

<style scoped>
.trial {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 7px 14px;
  background: color-mix(in srgb, var(--accent) 18%, var(--panel));
  border-top: 1px solid var(--accent);
}
.trial :deep(.el-button) {
  margin: 0;
  min-height: 26px;
}
</style>
