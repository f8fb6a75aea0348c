<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import type { ViewSource, ViewportSummary } from '../../core';
import { usePictures } from '../open/pictures';
import { useRoving } from '../../shared/menus/roving';
import { useRun } from '../open/run';

defineOptions({ inheritAttrs: false });
/** A chip of the Plate that opens a chooser with a small live picture of each choice. */
const props = defineProps<{
  view: ViewportSummary;
  text: string;
  label: string;
  lead?: boolean;
  bright?: boolean;
  /** Whether notes are keys, which stand on the pictures. */
  numbered?: boolean;
  /** What can be chosen now. */
  ask: () => ViewSource[];
  /** Whether something else stands in the place of the pictures and of what follows them. */
  instead?: boolean;
  /** Has one drawn. */
  draw: (c: ViewSource, done: (picture: string) => void) => void;
}>();
/** Below its chip, where it covers another viewport and not this one; it stays within the window, if over its chip. */
const emit = defineEmits<{ closed: [] }>();
const INSIDE = { modifiers: [{ name: 'preventOverflow', options: { altAxis: true, padding: 8 } }] };
const run = useRun();
const pictures = usePictures();
const near = ref(false);
const shown = ref(false);
const choices = ref<ViewSource[]>([]);
const drawn = ref<Record<string, string>>({});
const box = ref<HTMLElement>();
const chip = ref<HTMLElement>();
const { key, begin } = useRoving(
  box,
  () => close(),
  { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -5, ArrowDown: 5 },
  false,
);

function look() {
  choices.value = props.ask();
  for (const c of choices.value) props.draw(c, (picture) => (drawn.value = { ...drawn.value, [c.id]: picture }));
}

// What takes the place of something else takes its focus, too.
watch(
  () => props.instead,
  () => shown.value && void opened(),
);

async function opened() {
  await nextTick();
  begin();
}

/** Takes a choice; `stay` leaves the chooser open for more of the kind. */
function choose(c: ViewSource, stay = false) {
  if (!stay) close();
  run(c.command, c.args, props.view.id);
  if (stay) look();
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
  else {
    pictures?.forgetChoices();
    emit('closed');
  }
});
</script>

<template>
  <el-popover
    v-if="near"
    v-model:visible="shown"
    trigger="click"
    placement="bottom-start"
    :width="574"
    :show-arrow="false"
    :popper-options="INSIDE"
    popper-class="chooser"
    :show-after="0"
    :hide-after="0"
    transition=""
    :persistent="false"
    @after-enter="opened"
  >
    <template #reference>
      <button
        v-bind="$attrs"
        ref="chip"
        class="chip"
        :class="{ lead, bright }"
        aria-haspopup="menu"
        :aria-expanded="shown"
        :aria-label="`${label}: ${text}`"
      >
        {{ text }}
      </button>
    </template>
    <div ref="box" class="all" @keydown="key">
      <slot v-if="instead" name="instead" :choose="choose" />
      <div v-else class="grid" role="menu" :aria-label="label">
        <button
          v-for="c in choices"
          :key="c.id"
          class="choice"
          role="menuitemradio"
          :aria-checked="c.on"
          :data-command="c.command"
          :data-choice="c.id"
          :data-note="c.note ? `${c.label}, ${c.note}` : c.label"
          @click="choose(c)"
        >
          <img v-if="drawn[c.id]" :src="drawn[c.id]" alt="" width="102" height="60" />
          <span v-else class="empty" />
          <span class="words"
            ><span class="lozenge" :class="{ on: c.on }" /><span class="label">{{ c.label }}</span></span
          >
          <span v-if="c.note && numbered" class="digit">{{ c.note }}</span>
        </button>
      </div>
      <slot v-if="!instead" :choose="choose" />
    </div>
  </el-popover>
  <button
    v-else
    v-bind="$attrs"
    class="chip"
    :class="{ lead, bright }"
    :aria-label="`${label}: ${text}`"
    aria-haspopup="menu"
    @pointerenter="come(false)"
    @focus="come(true)"
  >
    {{ text }}
  </button>
</template>

<style scoped>
.all {
  display: grid;
  gap: 8px;
  max-height: min(540px, 72vh);
  overflow: auto;
  padding: 3px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(5, 102px);
  gap: 8px 10px;
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
  width: 102px;
  height: 60px;
  object-fit: cover;
  background: linear-gradient(var(--stage-high), var(--stage-low));
  clip-path: polygon(8px 0, 100% 0, 100% calc(100% - 8px), calc(100% - 8px) 100%, 0 100%, 0 8px);
}
.choice {
  position: relative;
}
.digit {
  position: absolute;
  right: 6px;
  top: 4px;
  padding: 0 5px;
  font: 12px var(--numbers);
  background: var(--panel);
  color: var(--quiet);
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
