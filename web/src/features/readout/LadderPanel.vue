<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRun } from '../../stage/open/run';
import { chosen } from '../../shared/fields/pick';
import { useStage } from '../../stage/open/store';
import FieldRow from './FieldRow.vue';
import { say } from '../../words/say';

const store = useStage();
const run = useRun();
const r = computed(() => store.readout);
const open = ref(false);
</script>

<template>
  <section :aria-label="say('ladder-panel.pivot')" data-about="pivot">
    <h2 class="part-title">
      {{ say('ladder-panel.turning-about') }}
      <button class="plain small" :aria-expanded="open" data-help="ladder" data-ladder-open @click="open = !open">
        {{ open ? say('ladder-panel.close-ladder') : say('ladder-panel.ladder') }}
      </button>
    </h2>
    <p v-if="r.pivot" class="why" data-pivot-reason>{{ r.pivot.reason }}</p>
    <FieldRow v-if="r.pinned" :label="say('ladder-panel.pinned')" :fields="r.pinned" />
    <button v-if="r.pinned" class="plain wide" data-command="pivot.clear" @click="run('pivot.clear')">
      {{ say('ladder-panel.unpin-the-pivot') }}
    </button>
    <button
      v-else-if="open"
      class="plain wide"
      data-command="pivot.set-at"
      @click="run('pivot.set-at', { x: 0, y: 0, z: 0 })"
    >
      {{ say('ladder-panel.pin-at-typed-numbers') }}
    </button>
    <template v-if="open && r.ladder">
      <select
        :value="r.ladder.preset ?? ''"
        :aria-label="say('ladder-panel.preset-of-the-ladder')"
        data-command="pivot.ladder"
        @change="run('pivot.ladder', { preset: chosen($event) })"
      >
        <option v-if="!r.ladder.preset" value="">{{ say('ladder-panel.my-own-order') }}</option>
        <option v-for="p in r.ladder.presets" :key="p.id" :value="p.id">{{ p.label }}</option>
      </select>
      <ol data-command="pivot.ladder">
        <li v-for="(g, i) in r.ladder.rungs" :key="g.id" :class="{ off: !g.on, used: r.pivot?.rung === g.id }">
          <label>
            <input
              type="checkbox"
              :checked="g.on"
              :data-rung="g.id"
              @change="run('pivot.ladder', { rung: g.id, on: !g.on })"
            />
            {{ g.label }}
          </label>
          <button
            class="plain small"
            :disabled="!g.on || i === 0"
            :aria-label="say('ladder-panel.up', g.label)"
            @click="run('pivot.ladder', { rung: g.id, by: -1 })"
          >
            ▲
          </button>
          <button
            class="plain small"
            :disabled="!g.on || !r.ladder.rungs[i + 1]?.on"
            :aria-label="say('ladder-panel.down', g.label)"
            @click="run('pivot.ladder', { rung: g.id, by: 1 })"
          >
            ▼
          </button>
        </li>
      </ol>
    </template>
  </section>
</template>

<style scoped>
h2 {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  margin: 0 0 5px;
}
.small {
  font-size: 11px;
  padding: 1px 5px;
  letter-spacing: 0;
  text-transform: none;
}
.why {
  border-left: 2px solid var(--accent);
  padding: 2px 0 2px 10px;
  margin-bottom: 8px;
  overflow-wrap: anywhere;
}
.wide {
  margin: 0 0 8px -8px;
  color: var(--accent);
}
select {
  width: 100%;
  background: var(--panel);
  color: var(--text);
  border: 0;
  border-bottom: 1px solid var(--line);
  padding: 3px 0;
  font: inherit;
}
ol {
  list-style: none;
  margin: 4px 0 12px;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
}
li label {
  flex: 1;
  min-height: 24px;
  display: flex;
  gap: 6px;
  align-items: center;
}
.off {
  color: var(--quiet);
}
.used label {
  color: var(--accent);
}
input {
  accent-color: var(--accent);
}
</style>
