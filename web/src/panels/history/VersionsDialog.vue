<script setup lang="ts">
import { ref, watch } from 'vue';
import { api, type Version } from '../../api/api';
import { useCore } from '../../core';
import type { OpenScene } from '../../stage/openScene';
import GuidedDialog from '../common/GuidedDialog.vue';

const core = useCore();
const props = defineProps<{ open: OpenScene }>();
const shown = defineModel<boolean>({ required: true });
const list = ref<Version[]>([]);
const name = ref('');
const wrong = ref('');

/** Runs something that asks the server; what goes wrong is shown where it was asked for. */
async function asking(what: () => Promise<void>) {
  wrong.value = '';
  try {
    await what();
  } catch (e) {
    wrong.value = (e as Error).message;
  }
}

watch(shown, (on) => {
  if (on) void asking(async () => void (list.value = await api.versions(props.open.id)));
});

function keep() {
  void asking(async () => {
    list.value = await api.keepVersion(props.open.id, name.value, core.kept.edits());
    name.value = '';
  });
}

function back(v: Version) {
  void asking(async () => {
    const { body } = await api.version(props.open.id, v.id);
    const no = core.kept.bringBack(title(v), body);
    if (no) throw new Error(`This version cannot be used: ${no}.`);
    props.open.loop.wake();
    shown.value = false;
  });
}

function remove(v: Version) {
  void asking(async () => {
    await api.removeVersion(props.open.id, v.id);
    list.value = list.value.filter((o) => o.id !== v.id);
  });
}

function when(v: Version) {
  return new Date(v.createdAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
}
function title(v: Version) {
  return v.automatic ? `from ${when(v)}` : v.name;
}
</script>

<template>
  <GuidedDialog v-model="shown" title="Versions of this scene" guide="versions" width="520px" data-versions>
    <p class="quiet">
      Going back to a version is one step: it can be undone. While you edit, a version is kept by itself every ten
      minutes.
    </p>
    <form class="new" @submit.prevent="keep">
      <el-input v-model="name" maxlength="200" placeholder="Name of the version" aria-label="Name of the version" />
      <el-button native-type="submit" type="primary" :disabled="!name.trim()" data-keep-version>
        Keep a version
      </el-button>
    </form>
    <p v-if="wrong" role="alert" class="wrong">{{ wrong }}</p>
    <p v-if="!list.length && !wrong" class="quiet">There are no versions yet.</p>
    <ul>
      <li v-for="v in list" :key="v.id" :data-version="v.id">
        <span class="name" :class="{ quiet: v.automatic }">{{ v.automatic ? 'Kept by itself' : v.name }}</span>
        <span class="numbers quiet">{{ when(v) }}</span>
        <el-button size="small" :aria-label="`Go back to ${title(v)}`" @click="back(v)">Go back to it</el-button>
        <button class="plain quiet" :aria-label="`Delete ${title(v)}`" @click="remove(v)">Delete</button>
      </li>
    </ul>
  </GuidedDialog>
</template>

<style scoped>
.new {
  display: flex;
  gap: 10px;
  margin: 12px 0;
}
.quiet {
  color: var(--quiet);
}
.wrong {
  color: var(--error);
  margin-bottom: 8px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 46vh;
  overflow: auto;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 5px 0;
  border-top: 1px solid var(--line);
}
.name {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
.numbers {
  font-size: 11.5px;
}
</style>
