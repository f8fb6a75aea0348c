<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { api, type EarlierFile, type NewerReport } from '../../api/api';
import { fromInput, type Chosen } from '../../api/chosen';
import type { OpenScene } from '../../stage/open/openScene';
import { Job } from '../../api/job';
import { tellLater } from '../../stage/open/toldLater';
import { counted } from '../../shared/facts';
import NamesFound from './NamesFound.vue';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { moment } from '../../words/numbers';
import { say } from '../../words/say';

/** Lays a newer file under the work on a scene: it is read and compared first, and takes its place when that is accepted. */
const props = defineProps<{ open: OpenScene }>();
const shown = defineModel<boolean>({ required: true });
const input = ref<HTMLInputElement>();
const work = ref<{ words: string; part: number } | null>(null);
const report = ref<NewerReport | null>(null);
const earlier = ref<EarlierFile[]>([]);
const wrong = ref('');
const busy = ref(false);
const percent = computed(() => Math.round((work.value?.part ?? 0) * 100));
const found = computed(() => {
  const { matched = 0, reshaped = 0 } = report.value ?? {};
  return reshaped
    ? say('newer-dialog.in-both-files-some-reshaped', matched, reshaped)
    : say('newer-dialog.in-both-files', matched);
});
const renamed = computed(() => (report.value?.renamed ?? []).map((r) => say('newer-dialog.is-now', r.from, r.to)));
let job: Job | null = null;

watch(shown, (on) => {
  if (!on) return;
  wrong.value = '';
  report.value = null;
  void asking(async () => void (earlier.value = await api.earlierFiles(props.open.id)));
});

/** Runs something that asks the server; what goes wrong is shown where it was asked for. */
async function asking(what: () => Promise<void>) {
  wrong.value = '';
  busy.value = true;
  try {
    await what();
  } catch (e) {
    wrong.value = (e as Error).message;
  } finally {
    busy.value = false;
  }
}

/** What was done in this window is on the server, or the newer file would be compared with less than there is. */
const saved = () => props.open.kept.edits.surely(say('newer-dialog.the-changes-of-this-scene-are'));

function take() {
  const files = fromInput(input.value?.files ?? null);
  if (input.value) input.value.value = '';
  if (files.length) void asking(() => send(files));
}

async function send(files: Chosen[]) {
  report.value = null;
  await saved();
  job = new Job((words, part) => (work.value = { words, part }));
  try {
    report.value = await job.run((...how) => api.newerFile(props.open.id, files, ...how));
  } finally {
    work.value = null;
  }
}

async function cancel() {
  wrong.value = (await job?.cancel()) ?? '';
}

function laid({ file }: { file: boolean }) {
  tellLater(say(file ? 'newer-dialog.it-lies-under-the-scene' : 'newer-dialog.it-is-the-same-file'));
  window.location.reload();
}

const accept = () =>
  asking(async () => {
    await saved();
    laid(await api.acceptNewer(props.open.id));
  });

const discard = () =>
  asking(async () => {
    await api.discardNewer(props.open.id);
    report.value = null;
  });

const back = (number: number) =>
  asking(async () => {
    await saved();
    laid(await api.bringBackFile(props.open.id, number));
  });
</script>

<template>
  <GuidedDialog
    v-model="shown"
    :title="say('newer-dialog.newer-file')"
    guide="newer"
    width="560px"
    :close-on-click-modal="!work"
    data-newer
  >
    <template v-if="work">
      <p role="status">{{ work.words }}…</p>
      <el-progress :percentage="percent" :stroke-width="5" :aria-label="work.words" />
      <el-button @click="cancel">{{ say('newer-dialog.cancel') }}</el-button>
    </template>
    <div v-else-if="report" class="report" data-newer-report>
      <p role="status">
        <b>{{ counted(report.matched, 'object') }}</b>
        {{ say('newer-dialog.changes-layers-cameras-pins-and-pivots', found) }}
      </p>
      <p v-if="!report.matched" class="wrong">{{ say('newer-dialog.nothing-in-it-is-like-anything') }}</p>
      <NamesFound v-if="renamed.length" :title="say('newer-dialog.under-another-name')" :names="renamed" />
      <NamesFound v-if="report.fresh.length" :title="say('newer-dialog.new')" :names="report.fresh" />
      <NamesFound
        v-if="report.missing.length"
        :title="say('newer-dialog.not-in-the-newer-file')"
        :names="report.missing"
      />
      <p v-if="report.missing.length" class="quiet">{{ say('newer-dialog.what-is-missing-is-kept-aside') }}</p>
      <p class="quiet">{{ say('newer-dialog.the-file-of-now-is-kept') }}</p>
      <div class="ends">
        <el-button :disabled="busy" @click="discard">{{ say('newer-dialog.discard-it') }}</el-button>
        <el-button type="primary" :loading="busy" data-accept @click="accept">
          {{ say('newer-dialog.use-the-newer-file') }}
        </el-button>
      </div>
    </div>
    <template v-else>
      <p>
        {{ say('newer-dialog.the-file-that-this-scene-was') }}
      </p>
      <el-button type="primary" :disabled="busy" @click="input?.click()">
        {{ say('newer-dialog.choose-files') }}
      </el-button>
      <template v-if="earlier.length">
        <p class="heading">{{ say('newer-dialog.earlier-files') }}</p>
        <ul>
          <li v-for="e in earlier" :key="e.id">
            <span>{{ say('newer-dialog.until', moment(e.until)) }}</span>
            <span class="numbers quiet"
              >{{ counted(e.objects, 'object') }} · {{ counted(e.triangles, 'triangle') }}</span
            >
            <button class="plain" :disabled="busy" @click="back(e.id)">{{ say('newer-dialog.bring-back') }}</button>
          </li>
        </ul>
      </template>
    </template>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <input
      ref="input"
      type="file"
      multiple
      class="hidden-words"
      tabindex="-1"
      :aria-label="say('newer-dialog.files-of-the-newer-version')"
      accept=".glb,.gltf,.bin,.obj,.mtl,.stl,.ply,.3mf,.zip,.png,.jpg,.jpeg,.webp"
      @change="take"
    />
  </GuidedDialog>
</template>

<style scoped>
.report {
  display: grid;
  gap: 10px;
}
.ends {
  display: flex;
  justify-content: end;
  margin-top: 6px;
}
.quiet {
  color: var(--quiet);
}
.wrong {
  color: var(--error);
  margin-top: 10px;
}
.heading {
  margin-top: 20px;
}
p + .el-button,
.el-progress + .el-button {
  margin-top: 12px;
}
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 12px;
  align-items: center;
  min-height: 30px;
}
</style>
