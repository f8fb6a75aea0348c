<script setup lang="ts">
import { computed } from 'vue';
import type { OpenScene } from '../../stage/open/openScene';
import { useRun } from '../../stage/open/run';
import HelpBubble from './HelpBubble.vue';
import WhatIsThis from './WhatIsThis.vue';

/** What things are: told where the pointer rests, or, while somebody asks, wherever it points. */
const asking = defineModel<boolean>('asking', { required: true });
const props = defineProps<{ open: OpenScene }>();
const run = useRun();
const hovering = computed(() => props.open.habitsVersion.value >= 0 && props.open.core.settings.hoverHelp());

/** Opens the glossary at a word. */
function word(id: string) {
  asking.value = false;
  run('app.glossary', { word: id });
}
</script>

<template>
  <HelpBubble :core="open.core.stage.help" :off="asking || !hovering" @word="word" />
  <WhatIsThis v-if="asking" :core="open.core.stage.help" @word="word" @end="asking = false" />
</template>
