<script setup lang="ts" generic="Item extends { id: string; name: string; of?: string }">
import { computed, ref } from 'vue';
import { useRoving } from '../menus/roving';

/** A list to choose from with a field to find in it; arrows go along it. */
const props = defineProps<{ items: Item[]; label: string; find: string; none: string; loaded: boolean }>();
const typed = defineModel<string>('typed', { required: true });
const at = defineModel<string>('at', { required: true });
const emit = defineEmits<{ close: [] }>();
/** What was chosen may not be among what is found. */
const current = computed(() => (props.items.some((i) => i.id === at.value) ? at.value : props.items[0]?.id));
const list = ref<HTMLElement>();
const { key } = useRoving(list, () => emit('close'), { ArrowUp: -1, ArrowDown: 1 }, false);
</script>

<template>
  <div class="left">
    <input v-model="typed" data-first-field type="search" :placeholder="find" :aria-label="find" spellcheck="false" />
    <ul ref="list" :aria-label="label" @keydown="key">
      <li v-for="t in items" :key="t.id">
        <button
          class="plain"
          :data-word="t.id"
          :aria-current="t.id === current"
          :tabindex="t.id === current ? 0 : -1"
          @click="at = t.id"
          @focus="at = t.id"
        >
          {{ t.name }}<span v-if="t.of" class="of">{{ t.of }}</span>
        </button>
      </li>
    </ul>
    <p v-if="loaded && !items.length" class="quiet" role="status">{{ none }}</p>
  </div>
</template>

<style scoped>
.left {
  display: grid;
  grid-template-rows: auto 1fr;
  gap: 8px;
  min-height: 0;
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
  white-space: normal;
}
li [aria-current='true'] {
  color: var(--accent);
  background: var(--raised);
}
.of {
  display: block;
  color: var(--quiet);
  font-size: 12px;
}
.quiet {
  margin: 2px 0 0;
  color: var(--quiet);
}
</style>
