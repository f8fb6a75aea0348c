<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import { useCore } from '../core';
import type { Choice, Frame } from '../core';
import { usePictures } from './pictures';
import { useRoving } from '../menus/roving';
import { useRun } from './run';

const core = useCore();
const props = defineProps<{ view: Frame }>();
const run = useRun();
const pictures = usePictures();
const near = ref(false);
const shown = ref(false);
const choices = ref<Choice[]>([]);
const drawn = ref<Record<string, string>>({});
const box = ref<HTMLElement>();
const chip = ref<HTMLElement>();
const { key, begin } = useRoving(
  box,
  () => close(),
  { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -4, ArrowDown: 4 },
  false,
);

function look() {
  choices.value = core.show.choices(props.view.id);
  for (const c of choices.value) {
    pictures?.ofChoice(props.view.id, c.id, (picture) => (drawn.value = { ...drawn.value, [c.id]: picture }));
  }
}

async function opened() {
  await nextTick();
  begin();
}

function choose(c: Choice) {
  close();
  run(c.command, c.args, props.view.id);
}

function close() {
  shown.value = false;
  chip.value?.focus();
}

async function come(focused: boolean) {
  near.value = true;
  await nextTick();
  if (focused) chip.value?.focus();
}

// What is shown is live: the scene and the view may move while the chooser is open.
watch([shown, () => props.view], () => {
  if (shown.value) look();
  else pictures?.forgetChoices();
});
</script>

<template>
  <el-popover
    v-if="near"
    v-model:visible="shown"
    trigger="click"
    placement="top-start"
    :width="454"
    :show-arrow="false"
    popper-class="chooser"
    :show-after="0"
    :hide-after="0"
    transition=""
    @after-enter="opened"
  >
    <template #reference>
      <button
        ref="chip"
        class="chip"
        :class="{ lead: view.active }"
        aria-haspopup="menu"
        :aria-expanded="shown"
        :aria-label="`Direction or camera: ${view.title}`"
        data-chooser
      >
        {{ view.title }}
      </button>
    </template>
    <div v-if="shown" ref="box" class="grid" role="menu" aria-label="Direction or camera" @keydown="key">
      <button
        v-for="c in choices"
        :key="c.id"
        class="choice"
        role="menuitemradio"
        :aria-checked="c.on"
        :data-command="c.command"
        :data-choice="c.id"
        :title="c.note ? `${c.label}, ${c.note}` : c.label"
        @click="choose(c)"
      >
        <img v-if="drawn[c.id]" :src="drawn[c.id]" alt="" width="100" height="67" />
        <span v-else class="empty" />
        <span class="words"
          ><span class="lozenge" :class="{ on: c.on }" /><span class="label">{{ c.label }}</span></span
        >
      </button>
    </div>
  </el-popover>
  <button
    v-else
    class="chip"
    :class="{ lead: view.active }"
    :aria-label="`Direction or camera: ${view.title}`"
    aria-haspopup="menu"
    data-chooser
    @pointerenter="come(false)"
    @focus="come(true)"
  >
    {{ view.title }}
  </button>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: repeat(4, 100px);
  gap: 8px 10px;
  max-height: 320px;
  overflow: auto;
  padding: 3px;
}
.choice {
  display: grid;
  gap: 4px;
  padding: 0 0 2px;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
  font-size: 12.5px;
}
.choice img,
.empty {
  display: block;
  width: 100px;
  height: 67px;
  background: linear-gradient(var(--stage-high), var(--stage-low));
  clip-path: polygon(8px 0, 100% 0, 100% calc(100% - 8px), calc(100% - 8px) 100%, 0 100%, 0 8px);
}
.words {
  display: flex;
  gap: 8px;
  align-items: center;
  white-space: nowrap;
  overflow: hidden;
}
.choice:hover .words,
.choice[aria-checked='true'] .words {
  color: var(--accent);
}
.label {
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
<style>
.el-popper.chooser {
  background: var(--panel);
  border: 1px solid var(--line);
  padding: 9px;
  box-shadow: var(--el-box-shadow-light);
}
</style>
