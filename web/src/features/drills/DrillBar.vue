<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { drillWords } from '../../shared/helpWords';
import type { OpenScene } from '../../stage/open/openScene';
import { useRun } from '../../stage/open/run';
import { toStage } from '../../shared/focus/toStage';
import { drilling } from './drilling';
import { metres, seconds } from './seconds';
import { say } from '../../words/say';

/** The task that is on: what is asked for, the clock, how much is done, and how far one's best run was by now. */
const props = defineProps<{ open: OpenScene }>();
const run = useRun();
const drill = drilling(props.open);
const { state, score, wrong, busy, task, goal } = drill;
const words = ref(new Map<string, string>());
const hint = ref(false);
const id = computed(() => state.value.drill);
const own = computed(() => (task.value && 'made' in task.value ? task.value : null));
watch(id, async () => {
  hint.value = false;
  words.value = await drillWords().catch(() => words.value);
});

const result = computed(() => {
  const s = score.value;
  if (!s) return '';
  const way = s.back
    ? say('drill-bar.the-eye-went-with-steps-back', metres(s.metres), s.back)
    : say('drill-bar.the-eye-went', metres(s.metres));
  const lost =
    s.lost > 1 ? say('drill-bar.it-was-lost-on-the-way', s.lost) : s.lost ? say('drill-bar.it-was-lost-once') : '';
  const told =
    s.best === null
      ? say('drill-bar.done-in-your-best-so-far', seconds(s.seconds))
      : say('drill-bar.done-in-your-best-is', seconds(s.seconds), seconds(s.best));
  return [told, way, lost].filter(Boolean).join(' ');
});

async function again() {
  try {
    await drill.again();
    toStage();
  } catch (e) {
    wrong.value = (e as Error).message;
  }
}

function others() {
  drill.leave();
  run('app.drills');
}
onBeforeUnmount(() => id.value && drill.leave());
</script>

<template>
  <section v-if="id" class="bar" :aria-label="say('drill-bar.drill')" :data-drill-bar="id" :data-drill-done="!!score">
    <strong>{{ own?.name ?? words.get(`${id}.name`) }}</strong>
    <img v-if="goal" :src="goal" :alt="say('drill-bar.the-view-to-reach')" height="88" data-goal />
    <span class="task">{{
      own ? say('drill-bar.go-to-the-view-of-this') : words.get(`${id}.${hint ? 'hint' : 'task'}`)
    }}</span>
    <span v-if="score || wrong || busy" class="result" role="status" data-drill-result>
      {{ wrong || (busy ? say('drill-bar.done-it-is-being-looked-at') : result) }}
    </span>
    <template v-else>
      <span
        class="way"
        role="progressbar"
        :aria-valuenow="Math.round(state.part * 100)"
        :aria-label="say('drill-bar.done-of-the-task')"
      >
        <i v-if="state.ghost !== null" class="ghost" :style="{ left: `${state.ghost * 100}%` }" data-ghost />
        <i class="you" :style="{ left: `${state.part * 100}%` }" />
      </span>
      <span class="clock numbers" aria-hidden="true">{{ seconds(state.seconds) }}</span>
      <button v-if="!own" class="plain" data-help="drill-hint" :aria-pressed="hint" @click="hint = !hint">
        {{ hint ? say('drill-bar.the-task') : say('drill-bar.a-hint') }}
      </button>
    </template>
    <button class="plain" data-help="drill-again" data-drill-again @click="again">{{ say('drill-bar.again') }}</button>
    <button v-if="score" class="plain" data-command="app.drills" @click="others">{{ say('drill-bar.others') }}</button>
    <button class="plain" data-help="drill-leave" data-drill-leave @click="drill.leave()">
      {{ say('drill-bar.leave') }}
    </button>
  </section>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 40px;
  padding: 4px 14px;
  background: color-mix(in srgb, var(--accent) 14%, var(--panel));
  border-top: 1px solid var(--accent);
}
strong {
  max-width: 30ch;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
img {
  max-width: 176px;
  object-fit: contain;
}
.task {
  flex: 1;
}
.way {
  position: relative;
  width: 150px;
  height: 12px;
  margin: 0 8px;
  background: linear-gradient(var(--line), var(--line)) center / 100% 2px no-repeat;
}
.way i {
  position: absolute;
  top: 0;
  width: 12px;
  height: 12px;
  margin-left: -6px;
  background: var(--accent);
  clip-path: polygon(50% 0, 100% 50%, 50% 100%, 0 50%);
}
.way .ghost {
  background: var(--quiet);
}
.clock {
  min-width: 64px;
  text-align: right;
}
.result {
  font-weight: 700;
}
</style>
