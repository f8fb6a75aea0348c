<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { useCore } from '../../core';
import { useWatchedHand } from '../../stage/input/watchHand';
import { say } from '../../words/say';

/** Somewhere to do a gesture to learn what it does. */
const emit = defineEmits<{ done: []; cancel: [] }>();
const core = useCore();
const pad = ref<HTMLElement>();
const { watch } = useWatchedHand(pad, () => {
  const decided = core.stage.bindings.look();
  if (decided) emit('done');
  return decided;
});
onMounted(watch);
</script>

<template>
  <div class="doing">
    <div
      ref="pad"
      class="pad clipped"
      tabindex="0"
      role="application"
      :aria-label="say('look-by-doing.do-it-here-to-learn-what')"
      data-doing
    >
      {{ say('look-by-doing.do-it-here-press-a-key') }}
    </div>
    <el-button @click="$emit('cancel')">{{ say('look-by-doing.cancel') }}</el-button>
  </div>
</template>

<style scoped src="./pad.css"></style>

<style scoped>
.doing {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-bottom: 12px;
}
.pad {
  flex: 1;
  height: 86px;
}
</style>
