<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import NameField from '../../shared/fields/NameField.vue';
import SwitchCell from './SwitchCell.vue';
import type { Row } from './treeRows';
import { say } from '../../words/say';

const props = defineProps<{ row: Row; renaming: boolean; layer: string }>();
const emit = defineEmits<{
  twist: [];
  renamed: [name: string | null];
  press: [what: 'eye' | 'lock', e: PointerEvent];
  over: [what: 'eye' | 'lock'];
}>();
const name = ref('');
const field = ref<InstanceType<typeof NameField>>();
watch(
  () => props.renaming,
  async (on) => {
    if (!on) return;
    name.value = props.row.object.name;
    await nextTick();
    field.value?.select();
  },
);
</script>

<template>
  <span class="twist" :class="[{ can: row.children, open: row.open }, row.object.kind]" @click.stop="emit('twist')" />
  <NameField
    v-if="renaming"
    ref="field"
    v-model="name"
    :most="200"
    :label="say('tree-row.new-name')"
    @done="emit('renamed', name)"
    @given="emit('renamed', null)"
  />
  <span v-else class="text" :class="{ away: !row.object.shown }" :title="row.object.name">{{
    row.object.name || row.object.id
  }}</span>
  <span v-if="layer && !renaming" class="layer" :title="say('tree-row.on-layer', layer)">{{ layer }}</span>
  <span class="numbers more">{{ row.children || '' }}</span>
  <SwitchCell
    what="lock"
    :on="row.object.locked"
    :label="row.object.locked ? say('tree-row.locked-clicks-pass-over-it') : say('tree-row.lock')"
    :class="{ rest: !row.object.locked }"
    @pointerdown.stop="emit('press', 'lock', $event)"
    @pointerenter="emit('over', 'lock')"
    @click.stop
  />
  <SwitchCell
    what="eye"
    :on="row.object.visible"
    :dim="row.object.visible && !row.object.shown"
    :label="row.object.visible ? say('tree-row.hide') : say('tree-row.show')"
    :class="{ rest: row.object.visible }"
    @pointerdown.stop="emit('press', 'eye', $event)"
    @pointerenter="emit('over', 'eye')"
    @click.stop
  />
</template>

<style scoped>
.twist {
  width: 9px;
  height: 9px;
  flex: none;
  transform: rotate(45deg);
  background: var(--line);
}
.twist.light:not(.can) {
  background: var(--caution);
}
.twist.camera:not(.can) {
  background: var(--accent);
}
.twist.group:not(.can) {
  background: none;
  border: 1.5px dotted var(--quiet);
}
.twist.can {
  background: none;
  border: 1.5px solid var(--quiet);
}
.twist.can.open {
  border-color: var(--accent);
  background: color-mix(in srgb, var(--accent) 45%, transparent);
}
.text {
  flex: 1;
  overflow: hidden;
  text-overflow: ellipsis;
}
.away {
  color: var(--quiet);
}
.layer {
  flex: none;
  max-width: 54px;
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: 11px;
  color: var(--accent);
}
.more {
  color: var(--quiet);
  font-size: 11px;
}
.name {
  flex: 1;
  min-width: 0;
  border: 0;
  border-bottom: 1px solid var(--accent);
  background: var(--panel);
  color: var(--text);
  font: inherit;
}
.rest {
  opacity: 0.3;
  margin-left: -3px;
}
:global(.row:hover) .rest,
.rest:focus-visible {
  opacity: 1;
}
</style>
