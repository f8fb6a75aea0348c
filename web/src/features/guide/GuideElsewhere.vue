<script setup lang="ts">
import { defineAsyncComponent, provide, ref, shallowRef } from 'vue';
import type { HelpAnswers, Plain } from '../../core';
import { missing, styled } from '../../shared/parts';
import { guideKey } from '../../shared/dialogs/useGuide';

/** The guide on pages without an open scene. Nothing can be run from there. */
const dialog = () => import('./GuideDialog.vue');
const GuideDialog = defineAsyncComponent(dialog);
const asked = ref(false);
const shown = ref(false);
const told = shallowRef<Plain>({});
/** What knows the user's keys; there once the guide is opened. */
const core = shallowRef<{ core: { stage: { help: HelpAnswers } }; note: string } | null>(null);

async function open(page: string) {
  const parts = await Promise.all([import('./keysOf'), styled(dialog())]).catch(() => null);
  if (!parts) {
    missing.value = () => void open(page);
    return;
  }
  told.value = { page };
  asked.value = shown.value = true;
  if (!core.value || core.value.note) core.value = await parts[0].keysOf();
}
provide(guideKey, (page) => void open(page));
</script>

<template>
  <slot />
  <GuideDialog v-if="asked" v-model="shown" :open="core" :told="told" :note="core?.note" :live="false" />
</template>
