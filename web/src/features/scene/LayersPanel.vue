<script setup lang="ts">
import { nextTick, ref } from 'vue';
import type { LayerRow } from '../../core';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import NameField from '../../shared/fields/NameField.vue';
import SwitchCell from './SwitchCell.vue';
import { Sweep } from './sweep';
import { say } from '../../words/say';

const store = useStage();
const run = useRun();
const sweep = new Sweep(run);
const renaming = ref<string | null>(null);
const name = ref('');
const field = ref<InstanceType<typeof NameField>[]>();

function set(what: 'eye' | 'lock', layer: string) {
  return (on: boolean) => run(what === 'eye' ? 'layer.visible' : 'layer.pickable', { layer, on });
}

async function choose(l: LayerRow, what: string) {
  if (what !== 'rename') {
    run(what, { layer: l.id });
    return;
  }
  name.value = l.name;
  renaming.value = l.id;
  await nextTick();
  field.value?.[0]?.select();
}

function renamed(l: LayerRow, keep: boolean) {
  if (renaming.value !== l.id) return;
  renaming.value = null;
  if (keep) run('layer.rename', { layer: l.id, name: name.value });
}
</script>

<template>
  <section class="layers" data-about="layers" :aria-label="say('layers-panel.layers')">
    <h2 class="part-title">
      {{ say('layers-panel.layers') }}
      <button
        class="plain"
        data-command="layer.add"
        :data-note="
          store.selection.length ? say('layers-panel.a-new-layer-of-what-is') : say('layers-panel.a-new-layer')
        "
        @click="run('layer.add')"
      >
        {{ say('layers-panel.layer') }}
      </button>
    </h2>
    <ul>
      <li v-for="l in store.layers" :key="l.id" :data-layer="l.id">
        <NameField
          v-if="renaming === l.id"
          ref="field"
          v-model="name"
          :most="200"
          :label="say('layers-panel.new-name-of-the-layer')"
          @done="renamed(l, true)"
          @given="renamed(l, false)"
        />
        <button
          v-else
          class="plain text"
          data-command="layer.select"
          :data-note="l.name"
          @click="run('layer.select', { layer: l.id })"
        >
          {{ l.name }} <span class="numbers">{{ l.objects }}</span>
        </button>
        <el-dropdown trigger="click" @command="(w: string) => choose(l, w)">
          <button class="plain more" data-help="layer-menu" :aria-label="say('layers-panel.more-on-layer', l.name)">
            …
          </button>
          <template #dropdown>
            <el-dropdown-menu>
              <el-dropdown-item command="layer.assign" :disabled="!store.selection.length">
                {{ say('layers-panel.put-the-selection-here') }}
              </el-dropdown-item>
              <el-dropdown-item command="layer.select">
                {{ say('layers-panel.select-what-lies-here') }}
              </el-dropdown-item>
              <el-dropdown-item command="rename">{{ say('layers-panel.rename') }}</el-dropdown-item>
              <el-dropdown-item command="layer.delete" divided>
                {{ say('layers-panel.delete-the-layer') }}
              </el-dropdown-item>
            </el-dropdown-menu>
          </template>
        </el-dropdown>
        <SwitchCell
          what="lock"
          :on="l.locked"
          :label="l.locked ? say('layers-panel.unlock-layer', l.name) : say('layers-panel.lock-layer', l.name)"
          tabindex="0"
          @pointerdown="sweep.press($event, 'lock', l.locked, set('lock', l.id))"
          @pointerenter="sweep.over('lock', set('lock', l.id))"
          @keydown.enter.space.prevent="set('lock', l.id)(l.locked)"
        />
        <SwitchCell
          what="eye"
          :on="l.visible"
          :label="l.visible ? say('layers-panel.hide-layer', l.name) : say('layers-panel.show-layer', l.name)"
          tabindex="0"
          @pointerdown="sweep.press($event, 'eye', !l.visible, set('eye', l.id))"
          @pointerenter="sweep.over('eye', set('eye', l.id))"
          @keydown.enter.space.prevent="set('eye', l.id)(!l.visible)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.layers {
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
  padding: 2px 8px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0 6px 0 6px;
  max-height: 130px;
  overflow: auto;
}
li {
  display: flex;
  align-items: center;
  height: 26px;
}
.text {
  flex: 1;
  min-width: 0;
  text-align: left;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.numbers {
  margin-left: 6px;
  color: var(--quiet);
  font-size: 11px;
}
.more {
  min-width: 24px;
  padding: 0 4px;
  color: var(--quiet);
}
input {
  flex: 1;
  min-width: 0;
  margin-left: 8px;
  border: 0;
  border-bottom: 1px solid var(--accent);
  background: var(--panel);
  color: var(--text);
}
</style>
