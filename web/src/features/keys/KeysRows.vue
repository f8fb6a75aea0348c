<script setup lang="ts">
import type { KeysPage } from '../../core';
import KeyLine from './KeyLine.vue';
import { say } from '../../words/say';

/** All commands with their triggers under their headings. */
const props = defineProps<{ page: KeysPage; beside?: string }>();
const emit = defineEmits<{ change: [id: string, which: number]; reset: [id: string]; resetGroup: [group: string] }>();
const rowsOf = (group: string) => props.page.rows.filter((r) => r.group === group);
const changed = (group: string) => rowsOf(group).some((r) => r.triggers.some((b) => b.changed));
</script>

<template>
  <p v-if="page.groups.length === 0" class="quiet">
    {{
      beside ? say('keys-rows.nothing-differs-from-as-far-as', beside) : say('keys-rows.nothing-is-called-that-and-no')
    }}
  </p>
  <section v-for="g in page.groups" :key="g" :data-group="g" :aria-label="g">
    <h3 class="heading">
      {{ g }}
      <button v-if="changed(g)" class="plain" @click="emit('resetGroup', g)">{{ say('keys-rows.reset-these') }}</button>
    </h3>
    <table>
      <tbody>
        <KeyLine
          v-for="r in rowsOf(g)"
          :key="r.command"
          :row="r"
          :find="page.find ?? null"
          :beside="beside"
          @change="emit('change', $event.id, 0)"
          @add="(which) => emit('change', r.command, which)"
          @reset="(b) => emit('reset', b.id)"
        />
      </tbody>
    </table>
  </section>
</template>

<style scoped>
section {
  margin-bottom: 20px;
}
.heading {
  position: sticky;
  top: 0;
  background: var(--panel);
  margin: 0;
  padding-bottom: 5px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
</style>
