<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { useCore } from '../../core';
import { useControlKeys } from '../../stage/input/controlKeys';
import { usePictures } from '../../stage/open/pictures';
import type { OpenScene } from '../../stage/open/openScene';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import { say } from '../../words/say';

const core = useCore();
defineProps<{ open: OpenScene }>();
const store = useStage();
const run = useRun();
const pictures = usePictures();
const list = ref<HTMLElement>();
const active = computed(() => store.views.find((v) => v.active));
const entries = computed(() => {
  void pictures?.version.value;
  const v = active.value;
  if (!v || !store.readout.trail) return [];
  return core.stage.viewport.trailEntries(v.id).map((e, i) => ({ ...e, at: i, picture: pictures?.ofTrail(v, e, i) }));
});
const here = computed(() => entries.value.findIndex((e) => e.on));

const key = useControlKeys('row', (action, e) => {
  const items = [...list.value!.querySelectorAll<HTMLElement>('.entry')];
  const to = items.indexOf(e.target as HTMLElement) + (action === 'next' ? 1 : -1);
  items[Math.max(0, Math.min(items.length - 1, to))]?.focus();
});

watch(
  [here, () => active.value?.key],
  () =>
    void nextTick(() =>
      list.value?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' }),
    ),
  { immediate: true },
);
</script>

<template>
  <section class="trail" data-about="trail" data-trail :aria-label="say('trail-strip.trail')">
    <div class="side">
      <h2>{{ say('trail-strip.trail') }}</h2>
      <span class="of">{{ active?.title }}</span>
      <span class="numbers">{{ here + 1 }} / {{ entries.length }}</span>
      <div>
        <button
          class="plain"
          data-command="trail.back"
          :aria-label="say('trail-strip.back-to-the-view-before')"
          :disabled="here <= 0"
          @click="run('trail.back')"
        >
          ◂
        </button>
        <button
          class="plain"
          data-command="trail.forward"
          :aria-label="say('trail-strip.forward-to-the-next-view')"
          :disabled="here >= entries.length - 1"
          @click="run('trail.forward')"
        >
          ▸
        </button>
        <button
          class="plain"
          data-command="app.trail"
          :aria-label="say('trail-strip.hide-the-trail')"
          @click="run('app.trail')"
        >
          ✕
        </button>
      </div>
    </div>
    <div ref="list" class="list" @keydown="key">
      <button
        v-for="e in entries"
        :key="e.name"
        class="entry"
        :class="{ on: e.on, ahead: e.at > here }"
        :aria-current="e.on || undefined"
        :aria-label="say('trail-strip.view', e.at + 1, e.words, e.lens)"
        data-command="trail.go"
        @click="run('trail.go', { to: e.at })"
      >
        <img v-if="e.picture" :src="e.picture" alt="" width="96" height="64" />
        <span v-else class="empty" />
        <span class="words">{{ e.words }} · {{ e.lens }}</span>
      </button>
    </div>
  </section>
</template>

<style scoped>
.trail {
  display: flex;
  border-top: 1px solid var(--line);
  background: var(--panel);
  height: 106px;
  min-width: 0;
}
.side {
  flex: none;
  width: 118px;
  padding: 8px 8px 6px 14px;
  display: flex;
  flex-direction: column;
  font-size: 12.5px;
  color: var(--quiet);
}
.side > div {
  margin: auto 0 0 -8px;
}
h2 {
  font-size: 11.5px;
  letter-spacing: 0.09em;
  text-transform: uppercase;
}
.of {
  color: var(--text);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.list {
  flex: 1;
  display: flex;
  gap: 8px;
  padding: 8px 10px;
  overflow: auto hidden;
  scrollbar-width: thin;
}
.entry {
  flex: none;
  display: grid;
  gap: 2px;
  align-content: start;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
  font-size: 11.5px;
  color: var(--quiet);
  cursor: pointer;
}
.entry img,
.empty {
  display: block;
  width: 96px;
  height: 64px;
  background: linear-gradient(var(--stage-high), var(--stage-low));
  clip-path: polygon(8px 0, 100% 0, 100% calc(100% - 8px), calc(100% - 8px) 100%, 0 100%, 0 8px);
}
.entry.on {
  color: var(--accent);
}
.entry.on .words::before {
  content: '';
  display: inline-block;
  width: 6px;
  height: 6px;
  margin: 0 6px 1px 2px;
  background: var(--accent);
  transform: rotate(45deg);
}
.entry.ahead img {
  opacity: 0.55;
}
.entry:hover {
  color: var(--text);
}
</style>
