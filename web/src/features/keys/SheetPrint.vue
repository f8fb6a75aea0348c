<script setup lang="ts">
import { computed, ref } from 'vue';
import { api } from '../../api/api';
import { useCore } from '../../core';
import { useStage } from '../../stage/open/store';
import { saveAs } from '../../shared/saveAs';
import { say } from '../../words/say';

/** The keymap on one sheet: printed by the page's own print command while Keys is open, or saved as a PDF. */
const core = useCore();
const store = useStage();
const wrong = ref('');
const sheet = computed(() => {
  void store.keymapVersion;
  return core.stage.keys.sheet();
});
const print = () => window.print();

async function save() {
  wrong.value = '';
  try {
    const file = await api.keymapSheet(core.stage.keymaps.current(), core.stage.printed());
    saveAs(file, say('sheet-print.keymap-pdf', sheet.value.name));
  } catch (e) {
    wrong.value = (e as Error).message;
  }
}
</script>

<template>
  <button class="plain" data-deed="print" @click="print">{{ say('sheet-print.print') }}</button>
  <button class="plain" data-deed="pdf" @click="save">{{ say('sheet-print.save-as-pdf') }}</button>
  <span v-if="wrong" class="wrong" role="alert">{{ wrong }}</span>
  <Teleport to="body">
    <div class="keys-sheet" aria-hidden="true">
      <h1>{{ say('sheet-print.keymap', sheet.name) }}</h1>
      <div class="columns">
        <template v-for="g in sheet.groups" :key="g.heading">
          <h2>{{ g.heading }}</h2>
          <p v-for="r in g.rows" :key="r.label">
            <span>{{ r.label }}</span><b>{{ r.value }}</b>
          </p>
        </template>
      </div>
    </div>
  </Teleport>
</template>

<style scoped>
.wrong {
  color: var(--caution);
  font-size: 12.5px;
}
.keys-sheet {
  display: none;
}
@media print {
  .keys-sheet {
    display: block;
    color: #000;
    background: #fff;
    font: 7.2pt/1.2 var(--words);
  }
  h1 {
    font-size: 11pt;
    margin: 0 0 5pt;
  }
  .columns {
    columns: 4;
    column-gap: 12pt;
  }
  h2 {
    font-size: 7.2pt;
    letter-spacing: 0.06em;
    text-transform: uppercase;
    margin: 4pt 0 1pt;
    border-bottom: 0.5pt solid #777;
    break-after: avoid;
  }
  p {
    display: grid;
    grid-template-columns: 44% 1fr;
    gap: 4pt;
    margin: 0;
    break-inside: avoid;
  }
  b {
    font-weight: 600;
  }
}
</style>

<style>
@media print {
  @page {
    size: A4 landscape;
    margin: 9mm;
  }
  html,
  body {
    height: auto !important;
    overflow: visible !important;
    background: #fff !important;
  }
  body:has(> .keys-sheet) > *:not(.keys-sheet) {
    display: none !important;
  }
}
</style>
