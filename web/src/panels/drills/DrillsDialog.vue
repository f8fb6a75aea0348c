<script setup lang="ts">
import { ref, watch } from 'vue';
import { api, type DrillListed } from '../../api/api';
import { drillWords } from '../../help/words';
import type { OpenScene } from '../../stage/openScene';
import { toStage } from '../../stage/toStage';
import { drilling } from './drilling';
import RunsPlot from './RunsPlot.vue';
import { seconds } from './seconds';
import GuidedDialog from '../common/GuidedDialog.vue';

/** Tasks for hand and eye, with a clock and one's own best times. */
const shown = defineModel<boolean>({ required: true });
const props = defineProps<{ open: OpenScene }>();
const drills = ref<DrillListed[]>([]);
const words = ref(new Map<string, string>());
const there = ref<string[]>([]);
const wrong = ref('');

async function load() {
  wrong.value = '';
  try {
    [drills.value, words.value] = await Promise.all([api.drills(), drillWords()]);
    there.value = props.open.core.drills.there();
  } catch (e) {
    wrong.value = (e as Error).message;
  }
}
watch(shown, (on) => on && void load());

async function start(d: DrillListed) {
  try {
    await drilling(props.open).start(d);
    shown.value = false;
    window.setTimeout(toStage, 0);
  } catch (e) {
    wrong.value = (e as Error).message;
  }
}
</script>

<template>
  <GuidedDialog v-model="shown" title="Drills" guide="drills" width="820px" top="6vh" data-drills>
    <p class="about">
      The clock starts with your first motion. What is hidden or moved for a drill is as it was afterwards. Each run
      that is done is kept with your account; nobody else sees it.
    </p>
    <p v-if="!there.length && !wrong" class="about">
      These tasks are about things in the Saltmarsh Boatyard: open that scene to do them.
    </p>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }} <button class="plain" @click="load">Try again</button></p>
    <ol>
      <li v-for="(d, i) in drills" :key="d.id" :data-drill="d.id">
        <span class="number numbers">{{ i + 1 }}</span>
        <div class="what">
          <h3>{{ words.get(`${d.id}.name`) }}</h3>
          <p>{{ words.get(`${d.id}.task`) }}</p>
        </div>
        <RunsPlot v-if="d.runs.length > 1" :times="d.runs.map((r) => r.seconds)" />
        <span class="best numbers">{{ d.best ? seconds(d.best.seconds) : '' }}</span>
        <el-button
          size="small"
          :disabled="!there.includes(d.id)"
          :aria-label="`Start: ${words.get(`${d.id}.name`)}`"
          data-help="start-drill"
          @click="start(d)"
        >
          Start
        </el-button>
      </li>
    </ol>
  </GuidedDialog>
</template>

<style scoped>
.about {
  margin: 0 0 8px;
  color: var(--quiet);
  max-width: 80ch;
}
.wrong {
  color: var(--error);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.number {
  width: 18px;
  text-align: right;
  color: var(--accent);
}
.what {
  flex: 1;
}
h3 {
  margin: 0;
  font-size: 14px;
}
.what p {
  margin: 2px 0 0;
  color: var(--quiet);
}
.best {
  min-width: 56px;
  text-align: right;
}
</style>
