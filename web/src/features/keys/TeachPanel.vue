<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue';
import { useCore, type TeachingState } from '../../core';
import { useWatchedHand } from '../../stage/input/watchHand';
import { say } from '../../words/say';

/** The hand is asked for one motion at a time; a keymap is made of what it really did, and tried in the viewports. */
const emit = defineEmits<{ tried: []; cancel: [] }>();
const core = useCore();
const pad = ref<HTMLElement>();
core.stage.teaching.begin();
const state = ref<TeachingState>(core.stage.teaching.state());
const { watch, stop } = useWatchedHand(pad, () => {
  if (!core.stage.teaching.look(performance.now())) return false;
  // The pad is emptied before it is watched again: what this hand still does belongs to what it has shown.
  window.setTimeout(next);
  return true;
});

function next() {
  state.value = core.stage.teaching.state();
  // The page may have been closed before this came.
  if (state.value.asks && pad.value) watch();
  else stop();
}

function act(what: () => void) {
  what();
  next();
}

function tryIt() {
  if (core.stage.teaching.tryIt()) emit('tried');
}

onMounted(watch);
onBeforeUnmount(stop);
</script>

<template>
  <div class="teach" data-teach>
    <div class="asked">
      <p class="count numbers">{{ Math.min(state.step + 1, state.steps) }} / {{ state.steps }}</p>
      <h3 data-asks>{{ state.asks || say('teach-panel.that-is-your-hand') }}</h3>
      <div
        v-show="state.asks"
        ref="pad"
        class="pad clipped"
        tabindex="0"
        role="application"
        :aria-label="state.asks"
        data-teach-pad
      >
        {{ say('teach-panel.do-it-here-as-you-would') }}
      </div>
      <p v-if="state.told" class="told" role="alert" data-told>{{ state.told }}</p>
      <ul v-if="state.notes.length" class="notes">
        <li v-for="n in state.notes" :key="n">{{ n }}</li>
      </ul>
      <p v-if="!state.asks" class="quiet">
        {{ say('teach-panel.everything-else-stays-as-in-the') }}
      </p>
      <div class="choices">
        <el-button v-if="!state.asks" type="primary" data-teach-deed="try" @click="tryIt">
          {{ say('teach-panel.try-it') }}
        </el-button>
        <el-button v-else data-teach-deed="skip" @click="act(() => core.stage.teaching.skip())">
          {{ say('teach-panel.skip-leave-it-as-it-is') }}
        </el-button>
        <el-button v-if="state.step > 0" data-teach-deed="before" @click="act(() => core.stage.teaching.again())">
          {{ say('teach-panel.show-the-one-before-again') }}
        </el-button>
        <el-button data-teach-deed="cancel" @click="emit('cancel')">{{ say('teach-panel.cancel') }}</el-button>
      </div>
    </div>
    <dl>
      <template v-for="r in state.rows" :key="r.motion">
        <dt>{{ r.motion }}</dt>
        <dd>
          <kbd>{{ r.trigger }}</kbd>
        </dd>
      </template>
    </dl>
  </div>
</template>

<style scoped src="./pad.css"></style>

<style scoped>
.teach {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 260px;
  gap: 32px;
}
.asked {
  display: grid;
  gap: 12px;
  align-content: start;
}
.count {
  color: var(--quiet);
  font-size: 13px;
}
h3 {
  font-size: 19px;
  font-weight: 600;
}
.pad {
  height: 320px;
}
.told {
  color: var(--caution);
}
.notes {
  margin: 0;
  padding-left: 18px;
}
.choices {
  display: flex;
  gap: 4px;
}
dl {
  margin: 30px 0 0;
  display: grid;
  grid-template-columns: 100px 1fr;
  gap: 8px 12px;
  align-content: start;
}
dt {
  color: var(--quiet);
}
dd {
  margin: 0;
}
</style>
