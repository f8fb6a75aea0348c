<script setup lang="ts">
import { onBeforeUnmount, ref, watch } from 'vue';
import { useStage } from '../../stage/open/store';
import type { OpenScene } from '../../stage/open/openScene';

/** What a motion did, said once it is over, for who does not see it. */
const props = defineProps<{ open: OpenScene }>();
/** So long nothing has changed, milliseconds, before it is said: a held key would be told of with every step. */
const QUIET_MS = 700;
const store = useStage();
const said = ref('');
let timer = 0;

function say() {
  // While something glides there is nothing to tell yet.
  if (props.open.core.stage.animating()) return later();
  said.value = props.open.core.stage.readout.aloud();
}

function later() {
  window.clearTimeout(timer);
  timer = window.setTimeout(say, QUIET_MS);
}

watch([() => store.readout.view, () => store.readout.trail, () => store.readout.rows, () => store.selection], later);
onBeforeUnmount(() => window.clearTimeout(timer));
</script>

<template>
  <p class="hidden-words" role="status" data-said>{{ said }}</p>
</template>
