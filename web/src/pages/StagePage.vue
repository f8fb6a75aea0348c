<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, provide, ref, shallowRef, watch } from 'vue';
import * as core from '../core';
import { Failure } from '../api/http';
import HabitsDialog from '../panels/habits/HabitsDialog.vue';
import HintsLine from '../panels/hints/HintsLine.vue';
import KeysDialog from '../panels/keys/KeysDialog.vue';
import ReadoutDrawer from '../panels/readout/ReadoutDrawer.vue';
import SceneDrawer from '../panels/scene/SceneDrawer.vue';
import Notices from '../stage/Notices.vue';
import StageBar from '../stage/StageBar.vue';
import StageCanvas from '../stage/StageCanvas.vue';
import { OpenScene } from '../stage/openScene';
import { publish } from '../stage/publish';
import { runKey } from '../stage/run';
import { useStage } from '../stores/stage';
import { theme } from '../theme/theme';

const props = defineProps<{ id: string }>();
const store = useStage();
const open = shallowRef(new OpenScene(props.id));
const wrong = ref('');
const gone = ref(false);
const keys = ref(false);
const habits = ref(false);
const facetMenu = ref({ view: '', count: 0 });
const hintsShown = ref(true);
const sceneShown = ref(true);
const readoutShown = ref(true);
const clear = computed(() => store.readout.clearDeck ?? false);

/** What the core asks of the page. */
function application() {
  for (const a of core.takeApplication()) {
    if (a.command === 'app.keys') keys.value = true;
    if (a.command === 'app.habits') habits.value = true;
    if (a.command === 'app.hints') hintsShown.value = !hintsShown.value;
    if (a.command === 'facet.menu') facetMenu.value = { view: a.args.view as string, count: facetMenu.value.count + 1 };
  }
}

/** Runs a command of the core on a viewport, by default the active one. */
function run(command: string, args: core.Plain = {}, view: string | null = null) {
  core.command(command, args, view, performance.now());
  application();
  open.value.loop.wake();
}
provide(runKey, run);

function afterInput(ms: number) {
  application();
  open.value.loop.wake(ms);
}

async function load() {
  wrong.value = '';
  try {
    await open.value.load();
  } catch (e) {
    gone.value = e instanceof Failure && e.status === 404;
    wrong.value = (e as Error).message;
    open.value.loading.value = null;
  }
}

function leaving(e: BeforeUnloadEvent) {
  if (!open.value.workspace.settled) {
    void open.value.workspace.save();
    if (open.value.workspace.state.value === 'conflict') e.preventDefault();
  }
}

watch(theme, (t) => open.value.theme(t));
publish(() => open.value);
onMounted(() => {
  const still = window.matchMedia('(prefers-reduced-motion: reduce)');
  core.reduceMotion(still.matches);
  still.addEventListener('change', () => core.reduceMotion(still.matches));
  const keyboard = (navigator as { keyboard?: { getLayoutMap(): Promise<Map<string, string>> } }).keyboard;
  void keyboard?.getLayoutMap().then(
    (map) => core.layout(Object.fromEntries(map)),
    () => undefined,
  );
  window.addEventListener('beforeunload', leaving);
  void load();
});
onBeforeUnmount(() => {
  window.removeEventListener('beforeunload', leaving);
  void open.value.leave();
});
</script>

<template>
  <div class="deck" :class="{ clear, bare: !sceneShown, slim: !readoutShown }">
    <StageBar
      v-if="!clear"
      :open="open"
      :scene-shown="sceneShown"
      :readout-shown="readoutShown"
      @keys="keys = true"
      @habits="habits = true"
      @scene="sceneShown = !sceneShown"
      @readout="readoutShown = !readoutShown"
    />
    <SceneDrawer v-if="!clear && sceneShown" class="left" />
    <main class="middle">
      <StageCanvas :open="open" :facet-menu="facetMenu" @input="afterInput" />
      <div v-if="open.loading.value" class="loading" role="status">
        <p>{{ open.loading.value.words }} {{ open.detail.value?.name ?? '' }}</p>
        <el-progress
          :percentage="Math.round(open.loading.value.part * 100)"
          :stroke-width="4"
          :show-text="false"
          aria-label="Loading"
        />
      </div>
      <div v-if="wrong" class="wrong clipped" role="alert">
        <h2>{{ gone ? 'This scene is not here' : 'The scene could not be opened' }}</h2>
        <p>{{ gone ? 'It was deleted, or it belongs to somebody else.' : wrong }}</p>
        <p>
          <RouterLink to="/scenes">All scenes</RouterLink>
          <button v-if="!gone" class="plain" @click="load">Try again</button>
        </p>
      </div>
      <Notices :open="open" />
    </main>
    <ReadoutDrawer v-if="!clear && readoutShown" class="right" />
    <HintsLine v-if="!clear && hintsShown" class="low" @keys="keys = true" />
    <KeysDialog v-model="keys" :open="open" />
    <HabitsDialog v-model="habits" :open="open" />
  </div>
</template>

<style scoped>
.deck {
  height: 100%;
  display: grid;
  grid-template: 40px 1fr auto / 212px 1fr 232px;
  grid-template-areas: 'bar bar bar' 'left middle right' 'low low low';
}
.deck.bare {
  grid-template-columns: 0 1fr 232px;
}
.deck.slim {
  grid-template-columns: 212px 1fr 0;
}
.deck.bare.slim {
  grid-template-columns: 0 1fr 0;
}
.deck.clear {
  grid-template: 0 1fr 0 / 0 1fr 0;
  grid-template-areas: 'bar bar bar' 'left middle right' 'low low low';
}
.deck > :deep(header) {
  grid-area: bar;
}
.left {
  grid-area: left;
}
.right {
  grid-area: right;
}
.low {
  grid-area: low;
}
.middle {
  grid-area: middle;
  position: relative;
  min-width: 0;
  min-height: 0;
}
.loading {
  position: absolute;
  inset: auto 0 0;
  padding: 0 14px 44px;
  text-align: center;
  pointer-events: none;
}
.loading :deep(.el-progress) {
  width: 240px;
  margin: 6px auto 0;
}
.wrong {
  position: absolute;
  left: 50%;
  top: 40%;
  transform: translate(-50%, -50%);
  background: var(--panel);
  padding: 22px 30px;
  display: grid;
  gap: 8px;
}
.wrong a {
  color: var(--accent);
}
</style>
