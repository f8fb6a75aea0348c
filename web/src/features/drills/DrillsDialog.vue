<script setup lang="ts">
import { ref, watch } from 'vue';
import { api, type DrillListed, type OwnDrill } from '../../api/api';
import { drillWords } from '../../shared/helpWords';
import type { OpenScene } from '../../stage/open/openScene';
import { toStage } from '../../shared/focus/toStage';
import DrillRow from './DrillRow.vue';
import { drilling, type Task } from './drilling';
import { making } from './making';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { say } from '../../words/say';

/** Tasks for hand and eye, with a clock and one's own best times. */
const shown = defineModel<boolean>({ required: true });
const props = defineProps<{ open: OpenScene }>();
const drills = ref<DrillListed[]>([]);
const own = ref<OwnDrill[]>([]);
const words = ref(new Map<string, string>());
const there = ref<string[]>([]);
const wrong = ref('');

async function load() {
  wrong.value = '';
  try {
    [drills.value, own.value, words.value] = await Promise.all([
      api.drills(),
      api.ownDrills(props.open.id),
      drillWords(),
    ]);
    there.value = props.open.core.drills.there();
  } catch (e) {
    wrong.value = (e as Error).message;
  }
}
watch(shown, (on) => on && void load());

function make() {
  drilling(props.open).leave();
  making(props.open).begin();
  shown.value = false;
  window.setTimeout(toStage, 0);
}

async function remove(d: OwnDrill) {
  try {
    await api.removeDrill(props.open.id, d.id);
    await load();
  } catch (e) {
    wrong.value = (e as Error).message;
  }
}

async function start(d: Task) {
  making(props.open).stop();
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
  <GuidedDialog v-model="shown" :title="say('drills-dialog.drills')" guide="drills" width="820px" top="6vh" data-drills>
    <p class="about">
      {{ say('drills-dialog.the-clock-starts-with-your-first') }}
    </p>
    <p v-if="!there.length && !wrong" class="about">
      {{ say('drills-dialog.these-tasks-are-about-things-in') }}
    </p>
    <p v-if="wrong" class="wrong" role="alert">
      {{ wrong }} <button class="plain" @click="load">{{ say('drills-dialog.try-again') }}</button>
    </p>
    <ol>
      <DrillRow
        v-for="(d, i) in drills"
        :key="d.id"
        :task="d"
        :name="words.get(`${d.id}.name`) ?? ''"
        :number="i + 1"
        :off="!there.includes(d.id)"
        @start="start(d)"
      >
        <p>{{ words.get(`${d.id}.task`) }}</p>
      </DrillRow>
    </ol>
    <h2 class="heading">{{ say('drills-dialog.your-own-in-this-scene') }}</h2>
    <p v-if="!own.length" class="about">
      {{ say('drills-dialog.make-one-of-two-views-where') }}
    </p>
    <ul data-own-drills>
      <DrillRow v-for="d in own" :key="d.id" :task="d" :name="d.name" :picture="d.picture" @start="start(d)">
        <template #more>
          <button
            class="plain"
            :aria-label="say('drills-dialog.delete', d.name)"
            data-help="drill-delete"
            @click="remove(d)"
          >
            {{ say('drills-dialog.delete-2') }}
          </button>
        </template>
      </DrillRow>
    </ul>
    <button class="plain make" data-help="drill-make" data-make @click="make">
      {{ say('drills-dialog.make-one') }}
    </button>
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
ol,
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.heading {
  margin: 18px 0 8px;
}
ol > :deep(li:first-child),
ul > :deep(li:first-child) {
  border-top: 0;
}
.make {
  margin: 6px 0 0 -8px;
  color: var(--accent);
}
</style>
