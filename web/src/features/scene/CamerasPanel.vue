<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import type { ObjectRow } from '../../core';
import CommandMenu from '../../shared/menus/CommandMenu.vue';
import type { MenuItem } from '../../shared/menus/item';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import NameField from '../../shared/fields/NameField.vue';
import SwitchCell from './SwitchCell.vue';
import { expectField } from '../../shared/focus/typeAhead';
import { say } from '../../words/say';

/** The cameras of the scene: looking through them, and what else can be done to them. */
const store = useStage();
const run = useRun();
const cameras = computed(() => store.objects.filter((o) => o.kind === 'camera'));
const active = computed(() => store.views.find((v) => v.active));
const driven = computed(() => store.views.filter((v) => v.cameraState === 'driven').map((v) => v.camera));
const renaming = ref<string | null>(null);
const name = ref('');
const field = ref<InstanceType<typeof NameField>[]>();

const items = (c: ObjectRow): MenuItem[] => [
  { label: say('cameras-panel.look-through'), command: 'camera.look-through', args: { camera: c.id } },
  { label: say('cameras-panel.select'), command: 'select.set', args: { objects: [c.id] } },
  { label: say('cameras-panel.active'), command: 'camera.activate', args: { camera: c.id }, on: c.active },
  { label: say('cameras-panel.rename'), command: 'object.rename', apart: true },
  { label: say('cameras-panel.duplicate'), command: 'object.duplicate', args: { objects: [c.id] } },
  { label: say('cameras-panel.delete'), command: 'object.delete', args: { objects: [c.id] } },
];

async function choose(c: ObjectRow, i: MenuItem) {
  if (i.command !== 'object.rename') {
    run(i.command, i.args ?? {});
    return;
  }
  expectField();
  name.value = c.name;
  renaming.value = c.id;
  await nextTick();
  field.value?.[0]?.select();
}

function renamed(c: ObjectRow, keep: boolean) {
  if (renaming.value !== c.id) return;
  renaming.value = null;
  if (keep && name.value !== c.name) run('object.rename', { objects: [c.id], name: name.value });
}

function lock(c: ObjectRow) {
  run('object.pickable', { objects: [c.id], on: c.locked });
}
</script>

<template>
  <section class="cameras" data-about="cameras" :aria-label="say('cameras-panel.cameras')">
    <h2 class="part-title">
      {{ say('cameras-panel.cameras') }}
      <span class="space" />
      <button class="plain" data-command="app.shots" @click="run('app.shots')">{{ say('cameras-panel.shots') }}</button>
      <button class="plain" data-command="camera.from-view" @click="run('camera.from-view')">
        {{ say('cameras-panel.from-view') }}
      </button>
    </h2>
    <p v-if="!cameras.length" class="none">{{ say('cameras-panel.none-yet') }}</p>
    <ul>
      <li v-for="c in cameras" :key="c.id" :data-camera="c.id">
        <NameField
          v-if="renaming === c.id"
          ref="field"
          v-model="name"
          :most="200"
          :label="say('cameras-panel.new-name-of-the-camera')"
          @done="renamed(c, true)"
          @given="renamed(c, false)"
        />
        <button
          v-else
          class="row"
          data-command="camera.look-through"
          :aria-pressed="active?.camera === c.id"
          :data-note="say('cameras-panel.look-through-in-the-active-viewport', c.name || c.id)"
          @click="run('camera.look-through', { camera: c.id })"
        >
          <span class="lozenge" :class="{ on: active?.camera === c.id }" />
          <span class="text">{{ c.name || c.id }}</span>
          <span v-if="driven.includes(c.id)" class="driven">{{ say('cameras-panel.driven') }}</span>
        </button>
        <CommandMenu :items="items(c)" @choose="choose(c, $event)">
          <button
            class="plain more"
            data-help="camera-menu"
            :aria-label="say('cameras-panel.more-on-camera', c.name || c.id)"
          >
            …
          </button>
        </CommandMenu>
        <SwitchCell
          what="lock"
          :on="c.locked"
          :label="
            c.locked
              ? say('cameras-panel.unlock-camera', c.name || c.id)
              : say('cameras-panel.lock-camera-navigating-never-moves-it', c.name || c.id)
          "
          tabindex="0"
          @click="lock(c)"
          @keydown.enter.space.prevent="lock(c)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.cameras {
  margin-bottom: 10px;
}
h2 {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  padding: 0 6px 2px 14px;
}
h2 .plain {
  font-size: 12px;
  letter-spacing: 0;
  text-transform: none;
  padding: 2px 7px;
}
.space {
  flex: 1;
}
.none {
  margin: 0;
  padding: 0 14px 4px;
  color: var(--quiet);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0 6px 0 8px;
  max-height: 160px;
  overflow: auto;
}
li {
  display: flex;
  align-items: center;
  height: 26px;
}
.row {
  flex: 1;
  min-width: 0;
  display: flex;
  gap: 10px;
  align-items: center;
  border: 0;
  background: none;
  text-align: left;
  padding: 3px 6px;
  cursor: pointer;
}
.row:hover {
  background: var(--raised);
}
.text {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.driven {
  color: var(--caution);
  font-size: 11.5px;
}
.more {
  min-width: 24px;
  padding: 0 4px;
  color: var(--quiet);
}
</style>
