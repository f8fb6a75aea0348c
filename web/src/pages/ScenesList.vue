<script setup lang="ts">
import { ElMessageBox } from 'element-plus';
import 'element-plus/theme-chalk/el-message-box.css';
import 'element-plus/theme-chalk/el-overlay.css';
import { onBeforeUnmount, onMounted, ref } from 'vue';
import { api, type SceneEntry } from '../api/api';
import { readyForFiles } from '../api/files';
import TopBar from '../panels/common/TopBar.vue';
import UploadScene from '../panels/common/UploadScene.vue';
import { keepBrought } from '../stage/broughtKeymap';

/** So long after the page has come, milliseconds, it has all it shows itself. */
const READY_MS = 300;

const scenes = ref<SceneEntry[]>([]);
const loaded = ref(false);
const wrong = ref('');
const brought = ref(keepBrought());
/** Another address was entered while this page is there. */
const follow = () => (brought.value = keepBrought());

async function load() {
  try {
    scenes.value = await api.scenes();
    wrong.value = '';
  } catch (e) {
    wrong.value = (e as Error).message;
  } finally {
    loaded.value = true;
  }
}

async function remove(scene: SceneEntry) {
  const sure = await ElMessageBox.confirm(
    `“${scene.name}” and your views of it are deleted for good.`,
    'Delete the scene?',
    { confirmButtonText: 'Delete', cancelButtonText: 'Keep' },
  ).then(
    () => true,
    () => false,
  );
  if (!sure) return;
  await api.removeScene(scene.id).catch((e: Error) => (wrong.value = e.message));
  await load();
}

function counted(n: number, what: string): string {
  return `${n.toLocaleString('en-GB')} ${what}${n === 1 ? '' : 's'}`;
}

function when(iso: string): string {
  return new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
}

function ready() {
  readyForFiles();
  void import('./StagePage.vue');
  void import('../stage/painter/studio').then(({ readyToPaint }) => readyToPaint());
}

onMounted(() => {
  window.addEventListener('hashchange', follow);
  void load();
  // What opening a scene needs is fetched before anyone asks for it.
  window.setTimeout(ready, READY_MS);
});
onBeforeUnmount(() => window.removeEventListener('hashchange', follow));
</script>

<template>
  <div class="page">
    <TopBar><h1>Scenes</h1></TopBar>
    <main>
      <p v-if="brought" class="brought" role="status" data-brought>
        A keymap came with this address. Open a scene to look at it and use it.
      </p>
      <UploadScene @added="load" />
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }} <button class="plain" @click="load">Try again</button></p>
      <p v-if="loaded && !wrong && scenes.length === 0" class="empty">
        No scenes yet. Drop a .glb or .gltf above, or choose one.
      </p>
      <ul v-if="scenes.length">
        <li v-for="s in scenes" :key="s.id" class="clipped">
          <RouterLink :to="`/scenes/${s.id}`" class="open">
            <span class="lozenge on" />
            <span class="name" :title="s.name">{{ s.name }}</span>
            <span class="numbers fact">{{ counted(s.objects, 'object') }}</span>
            <span class="numbers fact">{{ counted(s.triangles, 'triangle') }}</span>
            <span class="numbers fact">{{ when(s.createdAt) }}</span>
          </RouterLink>
          <button class="plain" :aria-label="`Delete ${s.name}`" @click="remove(s)">Delete</button>
          <details v-if="s.notes.length">
            <summary>
              {{ s.notes.length }} {{ s.notes.length === 1 ? 'thing' : 'things' }} of the file not shown
            </summary>
            <p v-for="n in s.notes" :key="n">{{ n }}</p>
          </details>
        </li>
      </ul>
    </main>
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
  padding: 28px max(24px, calc(50% - 460px));
  background: linear-gradient(var(--stage-high), var(--stage-low));
}
ul {
  list-style: none;
  margin: 26px 0 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
li {
  background: var(--panel);
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  padding: 4px 14px 4px 20px;
}
li:hover {
  background: var(--raised);
}
.open {
  display: grid;
  grid-template-columns: auto 1fr auto auto auto;
  gap: 18px;
  align-items: center;
  padding: 13px 0;
  color: inherit;
  text-decoration: none;
}
.name {
  font-size: 17px;
  font-weight: 700;
  overflow-wrap: anywhere;
}
.fact {
  color: var(--quiet);
  font-size: 12px;
  min-width: 142px;
  text-align: right;
}
li .plain {
  color: var(--quiet);
  margin-left: 14px;
}
details {
  grid-column: 1 / 3;
  color: var(--quiet);
  padding: 0 0 10px 26px;
}
.brought {
  color: var(--accent);
  margin-bottom: 14px;
}
.wrong {
  color: var(--error);
  margin-top: 18px;
}
.empty {
  color: var(--quiet);
  margin-top: 26px;
}
@media (max-width: 760px) {
  .fact {
    display: none;
  }
}
</style>
