<script setup lang="ts">
import { computed } from 'vue';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import ChoiceRow from './ChoiceRow.vue';
import { say, within } from '../../words/say';

const store = useStage();
const run = useRun();
const tool = computed(() => store.readout.tool);
const TOOLS = [
  {
    id: 'move',
    label: say('tool-panel.move'),
    sign: 'M0-7V7M-7 0H7M-2-5 0-7 2-5M-2 5 0 7 2 5M-5-2-7 0-5 2M5-2 7 0 5 2',
  },
  { id: 'rotate', label: say('tool-panel.rotate'), sign: 'M5.5-3A6 6 0 1 0 6 2M5.8-6.5V-2.6H2' },
  { id: 'scale', label: say('tool-panel.scale'), sign: 'M-6 6V0H0V6ZM0-6H6V0M6-6-1 1' },
];
const CHOICES = [
  {
    id: 'axes',
    words: say('tool-panel.axes'),
    of: [
      { id: 'world', label: say('tool-panel.world') },
      { id: 'parent', label: say('tool-panel.parent') },
      { id: 'local', label: say('tool-panel.local') },
      { id: 'view', label: say('tool-panel.view') },
    ],
  },
  {
    id: 'about',
    words: say('tool-panel.about'),
    of: [
      { id: 'common', label: say('tool-panel.middle') },
      { id: 'each', label: say('tool-panel.each-ones-own') },
      { id: 'last', label: say('tool-panel.the-last-ones') },
    ],
  },
  {
    id: 'snap',
    words: say('tool-panel.snap-to'),
    of: [
      { id: 'grid', label: say('tool-panel.grid-angle') },
      { id: 'vertex', label: say('tool-panel.vertex') },
    ],
  },
] as const;
const SORTS = [
  { id: 'object', label: say('tool-panel.objects') },
  { id: 'vertex', label: say('tool-panel.vertices') },
  { id: 'edge', label: say('tool-panel.edges') },
  { id: 'face', label: say('tool-panel.faces') },
];
</script>

<template>
  <section v-if="tool" data-tools :aria-label="say('tool-panel.tools')">
    <div class="tools">
      <button
        v-for="t in TOOLS"
        :key="t.id"
        class="tool"
        :class="{ on: tool.tool === t.id }"
        :data-command="tool.tool === t.id ? 'tool.none' : `tool.${t.id}`"
        :aria-pressed="tool.tool === t.id"
        :title="
          tool.tool === t.id ? say('tool-panel.put-the-tool-away', within(t.label)) : say('tool-panel.tool', t.label)
        "
        @click="run(tool.tool === t.id ? 'tool.none' : `tool.${t.id}`)"
      >
        <svg viewBox="-9 -9 18 18" width="17" height="17" aria-hidden="true"><path :d="t.sign" /></svg>
        {{ t.label }}
      </button>
    </div>
    <template v-if="tool.tool">
      <ChoiceRow
        v-for="c in CHOICES"
        :key="c.id"
        :label="c.words"
        :options="c.of"
        :value="tool[c.id]"
        :command="`tool.${c.id}`"
        @choose="(to) => run(`tool.${c.id}`, { to })"
      />
    </template>
    <ChoiceRow
      :label="say('tool-panel.click-takes')"
      :options="SORTS"
      :value="store.readout.components"
      command="select.components"
      @choose="(to) => run('select.components', { to })"
    />
  </section>
</template>

<style scoped>
section {
  margin-bottom: 12px;
}
.tools {
  display: flex;
  gap: 4px;
  margin-bottom: 6px;
}
.tool {
  flex: 1;
  display: grid;
  justify-items: center;
  gap: 1px;
  border: 0;
  padding: 5px 0 4px;
  background: var(--raised);
  color: var(--text);
  font-size: 11.5px;
  cursor: pointer;
  clip-path: polygon(7px 0, 100% 0, 100% calc(100% - 7px), calc(100% - 7px) 100%, 0 100%, 0 7px);
}
.tool path {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.5;
}
.tool.on {
  background: var(--accent);
  color: var(--on-accent, var(--panel));
}
</style>
