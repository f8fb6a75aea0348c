<script setup lang="ts">
import type { OpenScene } from '../../stage/open/openScene';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import { say } from '../../words/say';

defineProps<{ open: OpenScene }>();
const store = useStage();
const run = useRun();
</script>

<template>
  <footer class="hints" data-about="hints" data-hints>
    <div v-if="store.firstStep" class="first" role="status" data-about="first-step" data-first-step>
      <span class="number numbers">{{ say('hints-line.of', store.firstStep.number, store.firstStep.of) }}</span>
      <span class="what">{{ store.firstStep.words }}</span>
      <kbd v-if="store.firstStep.trigger">{{ store.firstStep.trigger }}</kbd>
      <button class="plain" data-command="app.skip-step" @click="run('app.skip-step')">
        {{ say('hints-line.skip') }}
      </button>
      <button class="plain" data-command="app.end-steps" @click="run('app.end-steps')">
        {{ say('hints-line.no-more-of-these') }}
      </button>
    </div>
    <div class="list">
      <span v-for="h in store.hints" :key="h.trigger + h.words" class="hint"
        ><kbd>{{ h.trigger }}</kbd
        ><span class="what">{{ h.words }}</span
        ><span v-if="h.does" class="does">{{ h.does }}</span></span
      >
    </div>
    <button class="plain all" data-command="app.trail" @click="run('app.trail')">{{ say('hints-line.trail') }}</button>
    <button class="plain all" data-command="app.keys" @click="run('app.keys')">{{ say('hints-line.all-keys') }}</button>
  </footer>
</template>

<style scoped>
.hints {
  display: flex;
  align-items: center;
  height: 32px;
  padding: 0 6px 0 14px;
  border-top: 1px solid var(--line);
  background: var(--panel);
  color: var(--quiet);
  font-size: 12.5px;
}
.list {
  flex: 1;
  height: 32px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 20px;
  overflow: hidden;
}
.first {
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 0 14px 0 -14px;
  padding: 0 4px 0 14px;
  height: 100%;
  background: var(--raised);
  white-space: nowrap;
}
/* With little room the words give way first, then the line wraps; the buttons stay. */
@media (max-width: 719px) {
  .hints {
    height: auto;
    flex-wrap: wrap;
  }
  .first {
    flex: 0 1 100%;
    height: 32px;
    margin-right: -6px;
  }
  .first .what {
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
  }
}
.first .number {
  color: var(--accent);
  font-weight: 700;
}
.first .plain {
  color: var(--text);
}
.hint {
  display: flex;
  align-items: center;
  gap: 7px;
  height: 32px;
  white-space: nowrap;
}
.what {
  color: var(--text);
}
.does::before {
  content: '·';
  margin: 0 6px 0 -1px;
}
.all {
  color: var(--text);
  white-space: nowrap;
}
</style>
