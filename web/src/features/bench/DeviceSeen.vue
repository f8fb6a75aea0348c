<script setup lang="ts">
import { computed } from 'vue';
import { useCore, type SeenDevice } from '../../core';
import NumberBox from '../../shared/fields/NumberBox.vue';
import type { OpenScene } from '../../stage/open/openScene';
import { fixed } from '../../words/numbers';
import { say } from '../../words/say';

/** What a device reports, what is made of it, and the dead zone and curve by which that is done. */
const props = defineProps<{ open: OpenScene; device: SeenDevice }>();
const core = useCore();
const SIZE = 120;
const at = (v: number) => SIZE / 2 + (v * SIZE) / 2;
const line = computed(() => {
  const p = props.device.plot;
  let out = '';
  for (let i = 0; i + 1 < p.length; i += 2) out += `${at(p[i]!).toFixed(1)},${at(-p[i + 1]!).toFixed(1)} `;
  return out;
});
const numbers = computed(() => {
  void props.open.habitsVersion.value;
  const rows = core.settings.list('').filter((h) => h.id.startsWith(`${props.device.sort}.`));
  return rows.filter((h) => typeof h.value === 'number');
});

/** The device's own name is told above. */
const SHORT: Record<string, string> = {
  speed: say('device-seen.speed'),
  'dead-zone': say('device-seen.dead-zone'),
  curve: say('device-seen.curve'),
};

function set(id: string, value: unknown) {
  core.settings.set({ id, value });
  props.open.keepHabits();
}
</script>

<template>
  <section class="device" :data-device="device.sort" :aria-label="device.name">
    <h3>{{ device.name }}</h3>
    <p v-if="device.problem" class="caution">{{ device.problem }}</p>
    <div v-else class="parts">
      <svg
        :viewBox="`-4 -4 ${SIZE + 8} ${SIZE + 8}`"
        role="img"
        :aria-label="say('device-seen.how-its-axes-are-read')"
        data-plot
      >
        <path :d="`M0 ${SIZE / 2}H${SIZE}M${SIZE / 2} 0V${SIZE}`" class="cross" />
        <polyline :points="line" class="curve" />
        <path
          v-for="a in device.axes"
          :key="a.words"
          :d="`M${at(a.raw)} ${at(-a.read) - 4}l4 4-4 4-4-4z`"
          class="dot"
        />
      </svg>
      <ul class="readings">
        <li v-for="a in device.axes" :key="a.words">
          <span>{{ a.words }}</span>
          <span class="numbers">{{ fixed(a.raw, 2) }} → {{ fixed(a.read, 2) }}</span>
        </li>
        <li v-if="device.buttons.length">
          <span>{{ say('device-seen.down') }}</span><span class="numbers">{{ device.buttons.join(', ') }}</span>
        </li>
      </ul>
    </div>
    <div v-if="!device.problem" class="tuning">
      <label v-for="h in numbers" :key="h.id"
        ><span>{{ SHORT[h.id.slice(device.sort.length + 1)] ?? h.words }}</span>
        <NumberBox :habit="h" :label="h.words" :data-tune="h.id" @set="(v) => set(h.id, v)" />
      </label>
    </div>
  </section>
</template>

<style scoped>
.device {
  display: grid;
  gap: 6px;
}
h3 {
  font-size: 13px;
}
.caution {
  color: var(--caution);
  max-width: 40ch;
}
.parts {
  display: flex;
  gap: 14px;
  align-items: flex-start;
}
svg {
  width: 116px;
  flex: none;
  background: linear-gradient(var(--stage-high), var(--stage-low));
}
.cross {
  stroke: var(--line);
  fill: none;
}
.curve {
  stroke: var(--accent);
  stroke-width: 1.6;
  fill: none;
}
.dot {
  fill: var(--pick);
}
.readings {
  list-style: none;
  margin: 0;
  padding: 0;
  width: 232px;
  font-size: 12.5px;
}
.readings li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  line-height: 1.45;
}
.tuning {
  display: flex;
  gap: 14px;
  font-size: 12.5px;
}
.tuning label {
  display: grid;
  gap: 1px;
}
.tuning span::first-letter {
  text-transform: uppercase;
}
</style>
