<script setup lang="ts">
import LinkBox from '../../shared/dialogs/LinkBox.vue';
import { computed } from 'vue';
import type { Keeper } from '../../stage/open/keeper';
import { KEPT_WORDS } from '../../stage/open/kept';
import Notices from './Notices.vue';
import type { OpenScene } from '../../stage/open/openScene';
import { say } from '../../words/say';

const props = defineProps<{ open: OpenScene; link: string }>();
defineEmits<{ copied: []; apart: [] }>();
/** What two windows have both changed: whose goes on is asked here, where it covers nothing one works on. */
const asked = computed(() =>
  props.open.keepers.flatMap((keeper, i) =>
    keeper.state.value === 'conflict'
      ? [{ keeper, words: keeper.twice.value.map((w) => `“${w}”`).join(', ') || KEPT_WORDS[i]! }]
      : [],
  ),
);

function settle(keeper: Keeper, mine: boolean) {
  void keeper.settle(mine).catch(() => (keeper.state.value = 'offline'));
}
</script>

<template>
  <!-- One column: nothing of it can come to lie over a button of the rest. -->
  <div class="told">
    <div
      v-if="open.saving.later.value"
      class="later clipped"
      role="alertdialog"
      :aria-label="say('told.open-in-another-window')"
      data-later
    >
      <p>
        <b>{{ say('told.this-scene-is-already-open-in') }}</b> {{ say('told.that-one-saves-what-you-do') }}
      </p>
      <el-button size="small" type="primary" @click="open.saving.takeOver()">{{ say('told.take-over') }}</el-button>
      <el-button size="small" @click="$emit('apart')">{{ say('told.go-on-apart') }}</el-button>
    </div>
    <div
      v-for="{ keeper, words } in asked"
      :key="words"
      class="later clipped"
      role="alertdialog"
      :aria-label="say('told.also-changed-in-another-window', words)"
      data-conflict
    >
      <p>
        <b>{{ say('told.also-changed-in-another-window', words) }}</b> {{ say('told.nothing-is-lost') }}
      </p>
      <el-button size="small" type="primary" @click="settle(keeper, true)">{{ say('told.take-this-one') }}</el-button>
      <el-button size="small" @click="settle(keeper, false)">{{ say('told.take-the-other-one') }}</el-button>
      <el-button size="small" @click="keeper.apart()">{{ say('told.decide-later') }}</el-button>
    </div>
    <div v-if="open.away.value" class="later clipped" role="alert" data-away>
      <p>{{ say('told.the-graphics-card-is-away') }}</p>
    </div>
    <LinkBox v-if="link" class="later clipped" :link="link" @close="$emit('copied')" />
    <Notices :open="open" />
  </div>
</template>

<style scoped>
.told {
  position: absolute;
  left: 8%;
  right: 8%;
  top: 10px;
  z-index: 6;
  display: grid;
  /* No wider than the stage, however long a sentence would be on one line. */
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  justify-items: center;
  pointer-events: none;
}
.later {
  pointer-events: auto;
  display: flex;
  gap: 12px;
  align-items: center;
  width: max-content;
  max-width: min(680px, 100%);
  padding: 10px 18px;
  background: var(--raised);
}
</style>
