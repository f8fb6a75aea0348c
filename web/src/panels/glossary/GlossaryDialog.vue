<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Plain } from '../../core';
import { terms, type Term } from '../../help/words';
import { useRoving } from '../../menus/roving';
import type { OpenScene } from '../../stage/openScene';
import MovingPicture from './MovingPicture.vue';

/** The words of the trade, each with what it means and a moving picture. */
const shown = defineModel<boolean>({ required: true });
const props = defineProps<{ open: OpenScene; told?: Plain }>();
const all = ref<Term[]>([]);
const typed = ref('');
const at = ref('');
const list = ref<HTMLElement>();
const { key } = useRoving(list, () => (shown.value = false), { ArrowUp: -1, ArrowDown: 1 }, false);
const found = computed(() => {
  const wanted = typed.value.trim().toLocaleLowerCase();
  return all.value.filter((t) => `${t.name} ${t.also}`.toLocaleLowerCase().includes(wanted));
});
const chosen = computed(() => found.value.find((t) => t.id === at.value) ?? found.value[0]);

watch(
  [shown, () => props.told],
  async ([on]) => {
    if (!on) return;
    all.value = await terms();
    typed.value = '';
    at.value = (props.told?.word as string | undefined) ?? (at.value || 'orbit');
  },
  { immediate: true },
);
</script>

<template>
  <el-dialog
    v-model="shown"
    title="Glossary"
    width="min(860px, 96vw)"
    top="8vh"
    append-to="#dialogs"
    destroy-on-close
    data-glossary
  >
    <div class="two">
      <div class="left">
        <input v-model="typed" type="search" placeholder="Find a word" aria-label="Find a word" spellcheck="false" />
        <ul ref="list" aria-label="Words" @keydown="key">
          <li v-for="t in found" :key="t.id">
            <button
              class="plain"
              :data-word="t.id"
              :aria-current="t === chosen"
              :tabindex="t === chosen ? 0 : -1"
              @click="at = t.id"
              @focus="at = t.id"
            >
              {{ t.name }}
            </button>
          </li>
        </ul>
        <p v-if="all.length && !found.length" class="quiet" role="status">No word is called like that.</p>
      </div>
      <article v-if="chosen" aria-live="polite">
        <h3>{{ chosen.name }}</h3>
        <p v-if="chosen.also" class="quiet">Also called {{ chosen.also }}</p>
        <p class="says">{{ chosen.says }}</p>
        <MovingPicture :core="open.core.help" :word="chosen.id" :name="chosen.name" />
      </article>
    </div>
  </el-dialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 190px 1fr;
  gap: 24px;
  min-height: 430px;
}
.left {
  display: grid;
  grid-template-rows: auto 1fr;
  gap: 8px;
  max-height: 60vh;
}
input {
  min-height: 30px;
  padding: 0 10px;
  font: inherit;
  color: var(--text);
  background: var(--panel);
  border: 1px solid var(--line);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  overflow: auto;
}
li button {
  width: 100%;
  min-height: 26px;
  text-align: left;
}
li [aria-current='true'] {
  color: var(--accent);
  background: var(--raised);
}
h3 {
  margin: 0;
  font-size: 18px;
}
.quiet {
  margin: 2px 0 0;
  color: var(--quiet);
}
.says {
  margin: 8px 0 14px;
  max-width: 62ch;
  min-height: 3.9em;
}
</style>
