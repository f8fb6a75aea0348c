<script setup lang="ts">
import { ref, watch } from 'vue';
import { api, type Version } from '../../api/api';
import { useCore } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { moment } from '../../words/numbers';
import { say } from '../../words/say';

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
    list.value = await api.keepVersion(props.open.id, name.value, core.stage.documents.edits());
    name.value = '';
  });
}

function back(v: Version) {
  void asking(async () => {
    const { body } = await api.version(props.open.id, v.id);
    const no = core.stage.documents.bringBack(title(v), body);
    if (no) throw new Error(say('versions-dialog.this-version-cannot-be-used', no));
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

const when = (v: Version) => moment(v.createdAt);
function title(v: Version) {
  return v.automatic ? say('versions-dialog.from', when(v)) : v.name;
}
</script>

<template>
  <GuidedDialog
    v-model="shown"
    :title="say('versions-dialog.versions-of-this-scene')"
    guide="versions"
    width="520px"
    data-versions
  >
    <p class="quiet">
      {{ say('versions-dialog.going-back-to-a-version-is') }}
    </p>
    <form class="new" @submit.prevent="keep">
      <el-input
        v-model="name"
        maxlength="200"
        :placeholder="say('versions-dialog.name-of-the-version')"
        :aria-label="say('versions-dialog.name-of-the-version')"
      />
      <el-button native-type="submit" type="primary" :disabled="!name.trim()" data-keep-version>
        {{ say('versions-dialog.keep-a-version') }}
      </el-button>
    </form>
    <p v-if="wrong" role="alert" class="wrong">{{ wrong }}</p>
    <p v-if="!list.length && !wrong" class="quiet">{{ say('versions-dialog.there-are-no-versions-yet') }}</p>
    <ul>
      <li v-for="v in list" :key="v.id" :data-version="v.id">
        <span class="name" :class="{ quiet: v.automatic }">{{
          v.automatic ? say('versions-dialog.kept-by-itself') : v.name
        }}</span>
        <span class="numbers quiet">{{ when(v) }}</span>
        <el-button size="small" :aria-label="say('versions-dialog.go-back-to', title(v))" @click="back(v)">
          {{ say('versions-dialog.go-back-to-it') }}
        </el-button>
        <button class="plain quiet" :aria-label="say('versions-dialog.delete', title(v))" @click="remove(v)">
          {{ say('versions-dialog.delete-2') }}
        </button>
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
