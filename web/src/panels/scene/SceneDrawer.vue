<script setup lang="ts">
import { computed, ref } from 'vue';
import { useStage } from '../../stores/stage';
import { useRun } from '../../stage/run';
import type { OpenScene } from '../../stage/openScene';
import PinsPanel from '../pins/PinsPanel.vue';
import LayersPanel from './LayersPanel.vue';
import ObjectsMenu from './ObjectsMenu.vue';
import SceneTree from './SceneTree.vue';

defineProps<{ open: OpenScene }>();

const store = useStage();
const run = useRun();
const cameras = computed(() => store.objects.filter((o) => o.kind === 'camera'));
const things = computed(() => store.objects.filter((o) => o.kind !== 'camera'));
const search = ref('');
const tree = ref<InstanceType<typeof SceneTree>>();
const active = computed(() => store.views.find((v) => v.active));
</script>

<template>
  <aside class="drawer" data-drawer="scene" aria-label="Scene">
    <div class="head">
      <input
        v-model="search"
        type="search"
        placeholder="Find an object"
        aria-label="Find an object"
        data-search
        @keydown.enter="($event.target as HTMLElement).blur()"
        @keydown.esc="($event.target as HTMLElement).blur()"
      />
      <ObjectsMenu @rename="tree?.rename(store.selection.at(-1) ?? '')" />
    </div>
    <SceneTree ref="tree" class="tree" :objects="things" :search="search" :ready="open.ready.value" />
    <LayersPanel />
    <template v-if="cameras.length">
      <h2>Cameras</h2>
      <ul>
        <li v-for="c in cameras" :key="c.id">
          <button
            class="row"
            data-command="camera.look-through"
            :aria-pressed="active?.camera === c.id"
            :title="`Look through ${c.name} in the active viewport`"
            @click="run('camera.look-through', { camera: c.id })"
          >
            <span class="lozenge" :class="{ on: active?.camera === c.id }" />
            <span class="text">{{ c.name || c.id }}</span>
          </button>
        </li>
      </ul>
    </template>
    <PinsPanel :open="open" />
  </aside>
</template>

<style scoped>
.drawer {
  display: flex;
  flex-direction: column;
  min-height: 0;
  padding: 12px 0 8px;
  background: var(--panel);
}
h2 {
  font-size: 11.5px;
  letter-spacing: 0.09em;
  text-transform: uppercase;
  color: var(--quiet);
  padding: 0 14px 6px;
}
.head {
  display: flex;
  align-items: center;
  padding: 0 6px 8px 14px;
}
.head input {
  flex: 1;
  min-width: 0;
  border: 0;
  border-bottom: 1px solid var(--line);
  background: none;
  color: var(--text);
  padding: 2px 0;
  font-size: 13px;
}
.head input:focus {
  outline: none;
  border-color: var(--accent);
}
.tree {
  flex: 1;
  min-height: 80px;
  margin-bottom: 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0 8px;
}
.row {
  width: 100%;
  display: flex;
  gap: 10px;
  align-items: center;
  border: 0;
  background: none;
  text-align: left;
  padding: 3px 8px;
  cursor: pointer;
}
.row:hover {
  background: var(--raised);
}
.text {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
