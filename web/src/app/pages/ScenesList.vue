<script setup lang="ts">
import 'element-plus/theme-chalk/el-overlay.css';
import { useEventListener } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, type SceneDetail, type SceneEntry } from '../../api/api';
import type { Chosen } from '../../api/chosen';
import { readyForFiles } from '../../api/files';
import GuideButton from '../../shared/dialogs/GuideButton.vue';
import HelpBubble from '../../features/help/HelpBubble.vue';
import TopBar from '../../shared/TopBar.vue';
import { chosen } from '../../shared/fields/pick';
import ChooseFiles from '../../features/scenes/ChooseFiles.vue';
import SceneCard from '../../features/scenes/SceneCard.vue';
import StandDialog from '../../features/scenes/StandDialog.vue';
import UploadLines from '../../features/scenes/UploadLines.vue';
import { ORDERS, sifted, type Order } from '../../shared/facts';
import { keepBrought } from '../../stage/open/broughtKeymap';
import { Uploads } from '../../features/scenes/uploads';
import { say } from '../../words/say';

/** So long after the page has come, milliseconds, nobody is still about to search in it. */
const READY_MS = 2500;
/** So many cards are made at first, about two screens, and so many more in each frame after it. */
const AT_ONCE = 24;
const ORDER = 'rhombus.scenes.order';

const router = useRouter();
const scenes = ref<SceneEntry[]>([]);
const loaded = ref(false);
const wrong = ref('');
const text = ref('');
const order = ref<Order>('seen');
const removed = ref<SceneEntry | null>(null);
const standing = ref<SceneEntry | null>(null);
const busy = ref('');
const brought = ref(keepBrought());
const shown = computed(() => sifted(scenes.value, text.value, order.value));
const most = ref(AT_ONCE);
const uploads = new Uploads((s, alone) => void stored(s, alone));
/** Another address was entered while this page is there. */
const follow = () => (brought.value = keepBrought());

const kept = window.localStorage.getItem(ORDER);
if (kept && kept in ORDERS) order.value = kept as Order;

async function load() {
  try {
    scenes.value = await api.scenes();
    wrong.value = '';
  } catch (e) {
    wrong.value = (e as Error).message;
  } finally {
    loaded.value = true;
  }
  more();
}

/** Makes the cards that are not there yet, some in each frame, so that the first ones can be used at once. */
function more() {
  if (most.value >= scenes.value.length) return;
  window.requestAnimationFrame(() => {
    most.value += AT_ONCE;
    more();
  });
}

/** Does something to a scene and shows what came of it. */
async function act(scene: SceneEntry, what: () => Promise<unknown>) {
  busy.value = scene.id;
  try {
    await what();
    await load();
  } catch (e) {
    wrong.value = (e as Error).message;
  } finally {
    busy.value = '';
  }
}

async function stored(scene: SceneDetail, alone: boolean) {
  await load();
  // One scene that has nothing to tell opens at once, as somebody who sends one wants to see it.
  if (scene.asked) standing.value ??= scene;
  else if (alone && !scene.notes.length && !uploads.busy.value) await router.push(`/scenes/${scene.id}`);
}

function add(files: Chosen[]) {
  wrong.value = '';
  uploads.add(files).catch((e: Error) => (wrong.value = e.message));
}

async function remove(scene: SceneEntry) {
  await act(scene, async () => {
    await api.removeScene(scene.id);
    removed.value = scene;
  });
}

async function restore() {
  const scene = removed.value;
  removed.value = null;
  if (scene) await act(scene, () => api.restoreScene(scene.id));
}

function ordered(e: Event) {
  order.value = chosen(e) as Order;
  window.localStorage.setItem(ORDER, order.value);
}

let made = false;
/** What opening a scene needs is fetched before anyone asks for it: when a hand comes near the scenes, or after a while. */
function ready() {
  if (made) return;
  made = true;
  readyForFiles();
  // Where it does not come now it is asked for again by whoever opens a scene, and told then.
  const ahead = [import('./StagePage.vue'), import('../../painter/studio').then((studio) => studio.readyToPaint())];
  void Promise.allSettled(ahead);
}

useEventListener(window, 'hashchange', follow);
onMounted(() => {
  void load();
  window.setTimeout(ready, READY_MS);
});
</script>

<template>
  <div class="page">
    <TopBar>
      <h1>{{ say('scenes-list.scenes') }}</h1>
      <template #right><GuideButton page="scenes" /></template>
    </TopBar>
    <main>
      <p v-if="brought" class="brought" role="status" data-brought>
        {{ say('scenes-list.a-keymap-came-with-this-address') }}
      </p>
      <div class="tools">
        <ChooseFiles @chosen="add" @wrong="(w) => (wrong = w)" />
        <span class="space" />
        <input
          v-model="text"
          type="search"
          :placeholder="say('scenes-list.find-a-scene')"
          data-help="find-scene"
          :aria-label="say('scenes-list.find-a-scene')"
          spellcheck="false"
        />
        <select
          :value="order"
          data-help="scene-order"
          :aria-label="say('scenes-list.order-of-scenes')"
          @change="ordered"
        >
          <option v-for="(words, key) in ORDERS" :key="key" :value="key">{{ words }}</option>
        </select>
      </div>
      <UploadLines :uploads="uploads" />
      <p v-if="removed" class="removed clipped" role="status" data-removed>
        {{ say('scenes-list.is-deleted-for-an-hour-it', removed.name) }}
        <button class="plain" @click="restore">{{ say('scenes-list.bring-it-back') }}</button>
        <button class="plain" :aria-label="say('scenes-list.dismiss')" @click="removed = null">
          {{ say('scenes-list.dismiss') }}
        </button>
      </p>
      <p v-if="wrong" class="wrong" role="alert">
        {{ wrong }} <button class="plain" @click="load">{{ say('scenes-list.try-again') }}</button>
      </p>
      <div v-if="loaded && !wrong && scenes.length === 0" class="empty">
        <h2>{{ say('scenes-list.no-scenes-yet') }}</h2>
        <p>{{ say('scenes-list.drop-a-file-anywhere-on-this') }}</p>
        <p>{{ say('scenes-list.one-upload-may-have-200-mb') }}</p>
      </div>
      <p v-else-if="loaded && shown.length === 0 && scenes.length" class="none" role="status">
        {{ say('scenes-list.no-scene-is-called-like-that') }}
        <button class="plain" @click="text = ''">{{ say('scenes-list.show-all', scenes.length) }}</button>
      </p>
      <ul
        v-if="shown.length"
        class="cards"
        :aria-label="say('scenes-list.scenes')"
        @pointerover.once="ready"
        @focusin.once="ready"
      >
        <SceneCard
          v-for="s in shown.slice(0, most)"
          :key="s.id"
          :scene="s"
          :busy="busy === s.id"
          @rename="(name) => act(s, () => api.changeScene(s.id, { name }))"
          @copy="act(s, () => api.copyScene(s.id))"
          @stand="standing = s"
          @remove="remove(s)"
        />
      </ul>
    </main>
    <HelpBubble :core="null" />
    <StandDialog :scene="standing" @close="standing = null" @changed="load" />
  </div>
</template>

<style scoped>
.page {
  height: 100%;
  display: grid;
  grid-template-rows: auto 1fr;
}
main {
  overflow: auto;
  padding: 22px max(24px, calc(50% - 620px));
  background: linear-gradient(var(--stage-high), var(--stage-low));
}
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-bottom: 18px;
}
.space {
  flex: 1;
}
.tools input,
.tools select {
  min-height: 32px;
  padding: 0 10px;
  font: inherit;
  color: var(--text);
  background: var(--panel);
  border: 1px solid var(--line);
}
.tools input {
  width: 220px;
}
.cards {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 14px;
  align-items: start;
}
.removed {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 6px 14px;
  margin-bottom: 14px;
  background: var(--raised);
}
.removed .plain:first-of-type {
  color: var(--accent);
}
.brought {
  color: var(--accent);
  margin-bottom: 14px;
}
.wrong {
  color: var(--error);
  margin-bottom: 14px;
}
.empty {
  display: grid;
  gap: 8px;
  justify-items: center;
  padding: 12vh 0;
  text-align: center;
  color: var(--quiet);
}
.empty h2 {
  color: var(--text);
}
.none {
  color: var(--quiet);
}
</style>
