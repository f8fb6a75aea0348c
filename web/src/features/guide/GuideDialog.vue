<script setup lang="ts">
import { computed, nextTick, ref, shallowRef, watch } from 'vue';
import type { HelpAnswers, Plain } from '../../core';
import NotFetched from '../../shared/dialogs/NotFetched.vue';
import PickList from '../../shared/fields/PickList.vue';
import { useDialogFocus } from '../../shared/focus/dialogFocus';
import { useRun } from '../../stage/open/run';
import { finder } from './find';
import GuideBody, { type AboutCommand } from './GuideBody';
import { guidePages, sectionsOf, type Page, type Section } from './pages';
import { say } from '../../words/say';

/** The guide to everything, with a search and the keys of the keymap in use. */
const shown = defineModel<boolean>({ required: true });
const props = withDefaults(
  defineProps<{
    open: { core: { stage: { help: HelpAnswers } } } | null;
    told?: Plain;
    live?: boolean;
    note?: string;
  }>(),
  { told: undefined, live: true, note: '' },
);
const run = useRun();
const pages = shallowRef<Page[]>([]);
const find = shallowRef<(words: string) => Section[]>(() => []);
const typed = ref('');
const at = ref('start');
const article = ref<HTMLElement>();
const wrong = ref('');
const inside = ref<HTMLElement>();
const { ready, opened, back } = useDialogFocus(shown, inside, () => true);

const about: AboutCommand = (id) => props.open?.core.stage.help.about(id) ?? null;
const items = computed<{ id: string; name: string; of?: string; page: string }[]>(() =>
  typed.value.trim() ? find.value(typed.value) : pages.value.map((p) => ({ id: p.id, name: p.name, page: p.id })),
);
const page = computed(() => {
  const id = items.value.find((i) => i.id === at.value)?.page ?? at.value;
  return pages.value.find((p) => p.id === id) ?? pages.value[0];
});

async function begin() {
  wrong.value = '';
  try {
    pages.value = await guidePages();
  } catch (e) {
    wrong.value = (e as Error).message;
    return;
  }
  find.value = finder(sectionsOf(pages.value), (id) => about(id)?.name ?? '');
  typed.value = '';
  at.value = (props.told?.page as string | undefined) || at.value;
}
watch([shown, () => props.told, () => props.open], ([on]) => void (on && begin()), { immediate: true });
watch(typed, () => {
  const first = items.value[0];
  if (typed.value.trim() && first) at.value = first.id;
});
watch([at, page], async () => {
  await nextTick();
  const part = at.value !== page.value?.id && document.getElementById(at.value);
  if (part) part.scrollIntoView({ block: 'start' });
  else article.value?.scrollTo({ top: 0 });
});

function go(to: string) {
  typed.value = '';
  at.value = to;
}

function away(command: string, args: Plain = {}) {
  shown.value = false;
  run(command, args);
}
</script>

<template>
  <el-dialog
    v-model="shown"
    :title="say('guide-dialog.guide')"
    width="min(980px, 96vw)"
    top="6vh"
    append-to="#dialogs"
    destroy-on-close
    data-guide-dialog
    @close="shown = false"
    @open-auto-focus="ready"
    @opened="opened"
    @close-auto-focus="back"
  >
    <div ref="inside" class="listed">
      <PickList
        v-model:typed="typed"
        v-model:at="at"
        :items="items"
        :loaded="!!pages.length"
        :label="say('guide-dialog.pages-of-the-guide')"
        :find="say('guide-dialog.search-the-guide')"
        :none="say('guide-dialog.nothing-in-the-guide-is-called')"
        @close="shown = false"
      />
      <NotFetched v-if="wrong" :wrong="wrong" @again="begin" />
      <article v-else-if="page && open" ref="article" tabindex="0" :aria-label="page.name" :data-page="page.id">
        <h3>{{ page.name }}</h3>
        <p v-if="note" class="note" role="status">{{ note }}</p>
        <GuideBody
          :page="page"
          :about="about"
          :live="live"
          @go="go"
          @run="(c) => away(c)"
          @word="(word) => away('app.glossary', { word })"
        />
      </article>
    </div>
  </el-dialog>
</template>

<style scoped>
.listed {
  --list: 230px;
  --height: 640px;
}
article {
  overflow: auto;
  padding-right: 14px;
  line-height: 1.55;
  user-select: text;
}
h3 {
  margin: 0 0 8px;
  font-size: 20px;
}
.note {
  color: var(--caution);
}
article :deep(h4) {
  margin: 18px 0 4px;
  font-size: 15px;
}
article :deep(p),
article :deep(ul) {
  margin: 0 0 10px;
  max-width: 68ch;
}
article :deep(ul) {
  padding-left: 20px;
}
article :deep(li) {
  margin: 4px 0;
}
article :deep(img) {
  display: block;
  width: 100%;
  height: auto;
  border: 1px solid var(--line);
}
article :deep(.link) {
  display: inline;
  min-height: 0;
  padding: 0;
  font: inherit;
  color: var(--accent);
  text-decoration: underline;
  text-underline-offset: 3px;
}
article :deep(code) {
  font-size: 0.92em;
}
</style>
