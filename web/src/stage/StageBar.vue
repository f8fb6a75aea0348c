<script setup lang="ts">
import { ElMessageBox } from 'element-plus';
import 'element-plus/theme-chalk/el-message-box.css';
import 'element-plus/theme-chalk/el-overlay.css';
import { computed, watch } from 'vue';
import { useRouter } from 'vue-router';
import TopBar from '../panels/common/TopBar.vue';
import type { Keeper } from '../stores/keeper';
import { useStage } from '../stores/stage';
import type { OpenScene } from './openScene';
import { useRun } from './run';

const props = defineProps<{ open: OpenScene; sceneShown: boolean; readoutShown: boolean }>();
defineEmits<{ keys: []; habits: []; scene: []; readout: [] }>();
const store = useStage();
const run = useRun();
const router = useRouter();
const WORDS = {
  saved: 'saved',
  saving: 'saving…',
  offline: 'offline: kept here, saved when the server is back',
  conflict: 'changed in another window',
  'signed-out': 'signed out: kept here',
};
const worst = computed(() => {
  const states = [props.open.workspace, props.open.keymap, props.open.habits].map((k) => k.state.value);
  return states.find((s) => s !== 'saved' && s !== 'saving') ?? states.find((s) => s === 'saving') ?? 'saved';
});
const undo = computed(() => store.readout.undo);
const redo = computed(() => store.readout.redo);

async function settle(keeper: Keeper, what: string) {
  const mine = await ElMessageBox.confirm(
    `Another window has saved ${what} since this one did. Nothing is lost: choose which state goes on.`,
    'Changed in another window',
    {
      confirmButtonText: 'Go on with this window',
      cancelButtonText: 'Take the other one',
      distinguishCancelAndClose: true,
      closeOnClickModal: false,
    },
  ).then(
    () => true,
    (how: string) => (how === 'cancel' ? false : null),
  );
  if (mine !== null) await keeper.settle(mine).catch(() => (keeper.state.value = 'offline'));
}

watch(props.open.workspace.state, (s) => {
  if (s === 'conflict') void settle(props.open.workspace, 'the views of this scene');
});
watch(props.open.keymap.state, (s) => {
  if (s === 'conflict') void settle(props.open.keymap, 'your keys');
});
watch(props.open.habits.state, (s) => {
  if (s === 'conflict') void settle(props.open.habits, 'your habits');
});

function again() {
  if (worst.value === 'signed-out')
    void router.push({ path: '/sign-in', query: { to: router.currentRoute.value.fullPath } });
  else if (props.open.workspace.state.value === 'conflict')
    void settle(props.open.workspace, 'the views of this scene');
  else if (props.open.keymap.state.value === 'conflict') void settle(props.open.keymap, 'your keys');
  else if (props.open.habits.state.value === 'conflict') void settle(props.open.habits, 'your habits');
  else void props.open.workspace.save();
}
</script>

<template>
  <TopBar>
    <b class="name">{{ open.detail.value?.name ?? '' }}</b>
    <button v-if="worst !== 'saved' && worst !== 'saving'" class="plain state bad" data-save-state @click="again">
      {{ WORDS[worst] }}
    </button>
    <span v-else class="state" data-save-state role="status">{{ WORDS[worst] }}</span>
    <template #right>
      <button
        class="plain"
        data-command="edit.undo"
        :disabled="!undo"
        :title="undo ? `Undo: ${undo}` : 'Nothing to undo'"
        @click="run('edit.undo')"
      >
        Undo
      </button>
      <button
        class="plain"
        data-command="edit.redo"
        :disabled="!redo"
        :title="redo ? `Redo: ${redo}` : 'Nothing to redo'"
        @click="run('edit.redo')"
      >
        Redo
      </button>
      <span class="rule" />
      <button class="plain" :aria-pressed="sceneShown" @click="$emit('scene')">Scene</button>
      <button class="plain" :aria-pressed="readoutShown" @click="$emit('readout')">Readout</button>
      <button class="plain" data-command="app.keys" @click="$emit('keys')">Keys</button>
      <button class="plain" data-command="app.habits" @click="$emit('habits')">Habits</button>
    </template>
  </TopBar>
</template>

<style scoped>
.name {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.state {
  color: var(--quiet);
  white-space: nowrap;
}
.state.bad {
  color: var(--caution);
}
.rule {
  width: 1px;
  height: 16px;
  background: var(--line);
}
[aria-pressed='false'] {
  color: var(--quiet);
}
</style>
