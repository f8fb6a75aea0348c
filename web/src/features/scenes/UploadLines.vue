<script setup lang="ts">
import type { Sending, Uploads } from './uploads';
import { say } from '../../words/say';

/** Scenes on their way, each with how far it is. */
const props = defineProps<{ uploads: Uploads }>();

function place(s: Sending): string {
  const before = props.uploads.waiting.value.findIndex((w) => w.id === s.id);
  return before === 0
    ? say('upload-lines.waiting-next-in-the-queue')
    : say('upload-lines.waiting-number-in-the-queue', before + 1);
}

function running(s: Sending): boolean {
  return ['waiting', 'sending', 'reading'].includes(s.state);
}
</script>

<template>
  <ul v-if="uploads.list.length" class="uploads" :aria-label="say('upload-lines.scenes-on-their-way')" data-uploads>
    <li v-for="s in uploads.list" :key="s.id" class="clipped" :class="s.state" :data-upload="s.state">
      <span class="name" :title="s.name">{{ s.scene?.name ?? s.name }}</span>
      <template v-if="running(s)">
        <span class="words">{{ s.state === 'waiting' ? place(s) : `${s.words}…` }}</span>
        <el-progress
          :percentage="Math.round(s.part * 100)"
          :stroke-width="4"
          :show-text="false"
          :aria-label="`${s.name}: ${s.words}`"
        />
        <button class="plain" :aria-label="say('upload-lines.cancel', s.name)" @click="uploads.cancel(s)">
          {{ say('upload-lines.cancel-2') }}
        </button>
      </template>
      <template v-else>
        <span v-if="s.state === 'failed'" class="words wrong" role="alert">{{ s.words }}</span>
        <span v-else class="words" role="status">
          {{ say('upload-lines.stored') }}
          <template v-if="s.scene?.notes.length">
            {{
              say(
                'upload-lines.of-the-file-not-shown-see',
                s.scene.notes.length === 1
                  ? say('upload-lines.one-thing')
                  : say('upload-lines.things', s.scene.notes.length),
              )
            }}
          </template>
        </span>
        <span />
        <span class="ends">
          <RouterLink v-if="s.scene" :to="`/scenes/${s.scene.id}`">{{ say('upload-lines.open') }}</RouterLink>
          <button
            class="plain"
            :aria-label="say('upload-lines.take-the-line-of-away', s.name)"
            @click="uploads.forget(s)"
          >
            {{ say('upload-lines.dismiss') }}
          </button>
        </span>
      </template>
    </li>
  </ul>
</template>

<style scoped>
.uploads {
  list-style: none;
  margin: 0 0 18px;
  padding: 0;
  display: grid;
  gap: 4px;
}
li {
  display: grid;
  grid-template-columns: minmax(120px, 220px) minmax(0, 1fr) 160px auto;
  gap: 14px;
  align-items: center;
  min-height: 38px;
  padding: 4px 12px 4px 18px;
  background: var(--panel);
}
.name {
  font-weight: 700;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.words {
  color: var(--quiet);
}
.wrong {
  color: var(--error);
}
.failed .words {
  grid-column: 2 / 4;
}
.failed > span:nth-child(3) {
  display: none;
}
.ends {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: end;
}
a {
  color: var(--accent);
}
</style>
