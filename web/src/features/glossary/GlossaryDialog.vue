<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Plain } from '../../core';
import { terms, type Term } from '../../shared/helpWords';
import type { OpenScene } from '../../stage/open/openScene';
import NotFetched from '../../shared/dialogs/NotFetched.vue';
import PickList from '../../shared/fields/PickList.vue';
import MovingPicture from './MovingPicture.vue';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { say } from '../../words/say';

/** The words of the trade, each with what it means and a moving picture. */
const shown = defineModel<boolean>({ required: true });
const props = defineProps<{ open: OpenScene; told?: Plain }>();
const all = ref<Term[]>([]);
const typed = ref('');
const at = ref('');
const wrong = ref('');
const found = computed(() => {
  const wanted = typed.value.trim().toLocaleLowerCase();
  return all.value.filter((t) => `${t.name} ${t.also}`.toLocaleLowerCase().includes(wanted));
});
const chosen = computed(() => found.value.find((t) => t.id === at.value) ?? found.value[0]);

async function begin() {
  wrong.value = '';
  try {
    all.value = await terms();
  } catch (e) {
    wrong.value = (e as Error).message;
    return;
  }
  typed.value = '';
  at.value = (props.told?.word as string | undefined) ?? (at.value || 'orbit');
}
watch([shown, () => props.told], ([on]) => void (on && begin()), { immediate: true });
</script>

<template>
  <GuidedDialog
    v-model="shown"
    :title="say('glossary-dialog.glossary')"
    guide="words"
    width="860px"
    top="8vh"
    destroy-on-close
    data-glossary
  >
    <div class="listed">
      <PickList
        v-model:typed="typed"
        v-model:at="at"
        :items="found"
        :loaded="!!all.length"
        :label="say('glossary-dialog.words')"
        :find="say('glossary-dialog.find-a-word')"
        :none="say('glossary-dialog.no-word-is-called-like-that')"
        @close="shown = false"
      />
      <NotFetched v-if="wrong" :wrong="wrong" @again="begin" />
      <article v-else-if="chosen" aria-live="polite">
        <h3>{{ chosen.name }}</h3>
        <p v-if="chosen.also" class="quiet">{{ say('glossary-dialog.also-called', chosen.also) }}</p>
        <p class="says">{{ chosen.says }}</p>
        <MovingPicture :core="open.core.stage.help" :word="chosen.id" :name="chosen.name" />
      </article>
    </div>
  </GuidedDialog>
</template>

<style scoped>
.listed {
  --list: 190px;
  --height: 430px;
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
