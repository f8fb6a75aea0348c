<script setup lang="ts">
import { computed, ref } from 'vue';
import { useStage } from '../stage/open/store';
import type { OpenScene } from '../stage/open/openScene';
import PinsPanel from '../features/pins/PinsPanel.vue';
import CamerasPanel from '../features/scene/CamerasPanel.vue';
import LayersPanel from '../features/scene/LayersPanel.vue';
import ObjectsMenu from '../features/scene/ObjectsMenu.vue';
import SceneTree from '../features/scene/SceneTree.vue';
import { say } from '../words/say';

defineProps<{ open: OpenScene }>();

const store = useStage();
const things = computed(() => store.objects.filter((o) => o.kind !== 'camera'));
const search = ref('');
const tree = ref<InstanceType<typeof SceneTree>>();
</script>

<template>
  <aside class="drawer" data-drawer="scene" :aria-label="say('scene-drawer.scene')">
    <div class="head">
      <input
        v-model="search"
        type="search"
        :placeholder="say('scene-drawer.find-an-object')"
        :aria-label="say('scene-drawer.find-an-object')"
        data-help="search"
        data-search
        @keydown.enter="($event.target as HTMLElement).blur()"
        @keydown.esc="($event.target as HTMLElement).blur()"
      />
      <ObjectsMenu @rename="tree?.rename(store.selection.at(-1) ?? '')" />
    </div>
    <SceneTree ref="tree" class="tree" :objects="things" :search="search" :ready="open.ready.value" />
    <LayersPanel />
    <CamerasPanel />
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
</style>
