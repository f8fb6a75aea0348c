<script setup lang="ts">
import { useEventListener, usePreferredReducedMotion } from '@vueuse/core';
import { computed, onBeforeUnmount, onMounted, provide, ref, shallowRef, watch } from 'vue';
import { coreKey, type Plain } from '../../core';
import { Failure } from '../../api/http';
import { useNarrow } from '../../shared/narrow';
import { usePanels } from '../usePanels';
import StageBar from '../StageBar.vue';
import SaidLine from '../../features/notices/SaidLine.vue';
import StageCanvas from '../../stage/viewport/StageCanvas.vue';
import Told from '../../features/notices/Told.vue';
import ThroughList, { type Through } from '../../features/through/ThroughList.vue';
import { keepCover } from '../../stage/open/cover';
import { OpenScene } from '../../stage/open/openScene';
import { guideKey } from '../../shared/dialogs/useGuide';
import HelpLayer from '../../features/help/HelpLayer.vue';
import TipCard from '../../features/help/TipCard.vue';
import { toFragment } from '../../stage/open/address';
import { choosePicture } from '../../features/files/bringPicture';
import { overFile } from '../../features/files/otherFile';
import { camerasHome } from '../../features/files/takeHome';
import { DeviceReader } from '../../stage/input/devices/reader';
import { devicesKey } from '../../stage/input/devices/useDevices';
import { picturesKey } from '../../stage/open/pictures';
import { tellMachine } from '../../core/machine';
import { modifiersOf } from '../../stage/input/modifiers';
import { publish } from '../../stage/open/publish';
import { runKey } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import { applyAxes, axes } from '../../shared/theme/axes';
import { theme, themeEverywhere, type Theme } from '../../shared/theme/theme';
import { say } from '../../words/say';

const props = defineProps<{ id: string }>();
const store = useStage();
const open = shallowRef(new OpenScene(props.id));
const { core } = open.value;
provide(coreKey, core);
const wrong = ref('');
const gone = ref(false);
const roseMenu = ref({ view: '', count: 0 });
/** An address to copy by hand, where the clipboard may not be written. */
const link = ref('');
const through = ref<Through | null>(null);
/** Whether pointing at things tells what they are. */
const asking = ref(false);
const bar = ref<InstanceType<typeof StageBar>>();
const clear = computed(() => store.readout.clearDeck ?? false);
const narrow = useNarrow();
const { shown, told, answer, toggle, left, right, low, dialogs } = usePanels(
  clear,
  computed(() => !open.value.loading.value),
  narrow,
);

/** What the core asks of the page. */
function application() {
  for (const a of core.stage.takeApplication()) {
    if (answer(a.command, a.args)) continue;
    if (a.command === 'habits.keep') open.value.keepHabits();
    if (a.command === 'app.history') bar.value?.history();
    if (a.command === 'app.export-cameras') void camerasHome(open.value, a.args.format === 'json');
    if (a.command === 'scene.other-file') void overFile(open.value, a.args.again === true);
    if (a.command === 'picture.bring') choosePicture(open.value, a.args.view as string);
    if (a.command === 'app.add') bar.value?.add(a.args);
    if (a.command === 'select.through') through.value = a.args as unknown as Through;
    if (a.command === 'app.what') asking.value = !asking.value;
    if (a.command === 'app.full-screen') void fullScreen();
    if (a.command === 'app.copy-link') void copyLink();
    if (a.command === 'pin.picture') void open.value.pictureOf(a.args.pin as string, (a.args.view as string) ?? null);
    if (a.command === 'rose.menu') roseMenu.value = { view: a.args.view as string, count: roseMenu.value.count + 1 };
  }
}

async function fullScreen() {
  await (document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen()).catch(
    () => store.tell({ text: say('stage-page.this-browser-does-not-let-the') }),
  );
}

async function copyLink() {
  const address = `${window.location.origin}/scenes/${props.id}#${await toFragment(core.stage.documents.address())}`;
  await navigator.clipboard.writeText(address).then(
    () =>
      store.tell({
        text: say('stage-page.the-address-of-these-views-is'),
      }),
    () => (link.value = address),
  );
}

/** Runs a command of the core on a viewport, by default the active one; the event that leads to it says when. */
function run(command: string, args: Plain = {}, view: string | null = null) {
  core.stage.command(command, args, view, window.event?.timeStamp ?? performance.now());
  application();
  open.value.loop.wake();
}
provide(runKey, run);
provide(guideKey, (page) => run('app.guide', { page }));
let devices: DeviceReader | null = null;
provide(devicesKey, () => devices);
provide(picturesKey, () => open.value.pictures);

function afterInput(ms?: number, came?: number) {
  application();
  open.value.loop.wake(ms, came);
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
  void open.value.report.save();
  for (const k of open.value.keepers) {
    if (k.unsaved) void k.save();
    if (k.state.value === 'conflict') e.preventDefault();
  }
}

watch([theme, axes], ([t, a]) => open.value.theme(t, a));
watch(open.value.habitsVersion, () => applyAxes(core.settings.clearAxisColours() ? 'clear' : 'usual'), {
  immediate: true,
});
// Before the habits have come nothing is known of the theme they ask for.
watch([open.value.habitsVersion, open.value.ready], () =>
  themeEverywhere((core.settings.theme() ?? null) as Theme | null),
);
watch(theme, (now) => {
  // Chosen in the menu it is meant for every machine, where the user has said so.
  const kept = core.settings.theme();
  if (!kept || kept === now) return;
  core.settings.set({ id: 'shown.theme', value: now });
  open.value.keepHabits();
});
const cover = () => keepCover(open.value);
/** What is typed tells what the layout prints, also where the browser does not. */
const learn = (e: KeyboardEvent) => core.stage.typed(e.code, e.key, modifiersOf(e));

publish(() => open.value);
const motion = usePreferredReducedMotion();
watch(motion, (now) => core.stage.reduceMotion(now === 'reduce'), { immediate: true });
useEventListener(window, 'keydown', learn);
useEventListener(window, 'beforeunload', leaving);
useEventListener(window, 'pagehide', cover);
onMounted(() => {
  void tellMachine(core);
  devices = new DeviceReader(core.stage.devices, () => afterInput());
  void load();
});
onBeforeUnmount(() => {
  devices?.stop();
  cover();
  void open.value.leave();
});
</script>

<template>
  <div class="deck" :class="{ clear, narrow, bare: !left.length, slim: !right.length }">
    <StageBar v-if="!clear" ref="bar" :open="open" :shown="shown" @toggle="toggle" />
    <component :is="p.component" v-for="p in left" :key="p.name" class="left" :open="open" />
    <main class="middle">
      <StageCanvas :open="open" :rose-menu="roseMenu" @input="afterInput" />
      <div v-if="open.loading.value" class="loading" role="status">
        <p>{{ open.loading.value.words }} {{ open.detail.value?.name ?? '' }}</p>
        <el-progress
          :percentage="Math.round(open.loading.value.part * 100)"
          :stroke-width="4"
          :show-text="false"
          :aria-label="say('stage-page.loading')"
        />
      </div>
      <div v-if="wrong" class="wrong clipped" role="alert">
        <h2>{{ gone ? say('stage-page.this-scene-is-not-here') : say('stage-page.the-scene-could-not-be-opened') }}</h2>
        <p>{{ gone ? say('stage-page.it-was-deleted-or-it-belongs') : wrong }}</p>
        <p>
          <RouterLink to="/scenes">{{ say('stage-page.all-scenes') }}</RouterLink>
          <button v-if="!gone" class="plain" @click="load">{{ say('stage-page.try-again') }}</button>
        </p>
      </div>
      <ThroughList v-if="through" :through="through" @close="through = null" />
      <TipCard v-if="store.tip && !asking" :tip="store.tip" />
      <SaidLine v-if="open.ready.value" :open="open" />
      <Told :open="open" :link="link" @copied="link = ''" @apart="open.saving.later.value = false" />
    </main>
    <component :is="p.component" v-for="p in right" :key="p.name" class="right" :open="open" />
    <div class="low">
      <component :is="p.component" v-for="p in low" :key="p.name" :open="open" />
    </div>
    <component
      :is="p.component"
      v-for="p in dialogs"
      :key="p.name"
      v-model="shown[p.name]"
      :open="open"
      :told="told[p.name]"
    />
    <HelpLayer v-model:asking="asking" :open="open" />
  </div>
</template>

<style scoped src="./deck.css"></style>
