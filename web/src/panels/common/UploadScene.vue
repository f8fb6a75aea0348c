<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, type SceneDetail } from '../../api/api';
import { Failure } from '../../api/http';

const emit = defineEmits<{ added: [] }>();
const router = useRouter();
const input = ref<HTMLInputElement>();
const over = ref(false);
const wrong = ref('');
const work = ref<{ words: string; part: number } | null>(null);
const done = ref<SceneDetail | null>(null);
const percent = computed(() => Math.round((work.value?.part ?? 0) * 100));
let job = '';
let abort = () => {};

async function send(files: File[]) {
  if (files.length === 0 || work.value) return;
  wrong.value = '';
  done.value = null;
  job = crypto.randomUUID?.() ?? `${Date.now()}-${Math.floor(Math.random() * 1e9)}`;
  work.value = { words: 'Uploading', part: 0 };
  const timer = window.setInterval(() => void look(), 300);
  try {
    const scene = await api.addScene(
      files,
      job,
      (part) => (work.value = { words: 'Uploading', part: part * 0.5 }),
      (a) => (abort = a),
    );
    emit('added');
    if (scene.notes.length) done.value = scene;
    else await router.push(`/scenes/${scene.id}`);
  } catch (e) {
    wrong.value = (e as Error).message;
  } finally {
    window.clearInterval(timer);
    work.value = null;
    if (input.value) input.value.value = '';
  }
}

/** Once everything is uploaded the server tells how far it is. */
async function look() {
  if (!work.value || work.value.part < 0.5) return;
  const p = await api.importProgress(job).catch(() => null);
  if (p && work.value) work.value = { words: p.words, part: 0.5 + p.part / 2 };
}

/** The server decides: it stores nothing from now on, or it has stored the scene already. */
async function cancel() {
  try {
    await api.cancelImport(job);
    abort();
  } catch (e) {
    // Too late: the answer to the upload brings the scene. Without any answer nobody knows, so nothing is claimed.
    if (e instanceof Failure && e.status === 409) return;
    wrong.value = 'The server does not answer, so the upload could not be cancelled. Look at the list once it is back.';
  }
}

function drop(e: DragEvent) {
  over.value = false;
  void send([...(e.dataTransfer?.files ?? [])]);
}
</script>

<template>
  <section
    class="upload clipped"
    :class="{ over }"
    @dragover.prevent="over = true"
    @dragleave="over = false"
    @drop.prevent="drop"
  >
    <template v-if="work">
      <p role="status">{{ work.words }}…</p>
      <el-progress :percentage="percent" :stroke-width="6" :aria-label="work.words" />
      <el-button @click="cancel">Cancel</el-button>
    </template>
    <template v-else>
      <p>Drop a scene here: <b>.glb</b>, <b>.gltf</b> with its files, or a <b>.zip</b> of them, up to 200 MB.</p>
      <el-button type="primary" @click="input?.click()">Choose files</el-button>
      <input
        ref="input"
        type="file"
        multiple
        class="hidden-words"
        tabindex="-1"
        aria-label="Scene files"
        accept=".glb,.gltf,.bin,.zip,.png,.jpg,.jpeg"
        @change="send([...(input?.files ?? [])])"
      />
    </template>
    <div v-if="done" class="notes" role="status">
      <p>
        <b>{{ done.name }}</b> is here. Of the file this is not shown:
      </p>
      <p v-for="n in done.notes" :key="n">{{ n }}</p>
      <RouterLink :to="`/scenes/${done.id}`">Open it</RouterLink>
    </div>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
  </section>
</template>

<style scoped>
.upload {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px 18px;
  align-items: center;
  padding: 20px 24px;
  background: color-mix(in srgb, var(--panel) 72%, transparent);
}
.upload.over {
  background: color-mix(in srgb, var(--accent) 22%, var(--panel));
}
.upload :deep(.el-progress) {
  grid-row: 2;
}
.wrong,
.notes {
  grid-column: 1 / 3;
}
.wrong {
  color: var(--error);
}
.notes {
  border-left: 2px solid var(--caution);
  padding-left: 10px;
}
a {
  color: var(--accent);
}
</style>
