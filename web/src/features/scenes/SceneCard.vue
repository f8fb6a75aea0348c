<script setup lang="ts">
import { nextTick, ref } from 'vue';
import type { SceneEntry } from '../../api/api';
import CardMenu from './CardMenu.vue';
import NameField from '../../shared/fields/NameField.vue';
import { counted, size, when } from '../../shared/facts';
import { say } from '../../words/say';

/** A scene in the list: its picture, its name, what it holds, and what can be done to it. */
const props = defineProps<{ scene: SceneEntry; busy: boolean }>();
const emit = defineEmits<{ rename: [name: string]; copy: []; stand: []; remove: [] }>();
const typing = ref(false);
const name = ref('');
const field = ref<InstanceType<typeof NameField>>();
const MOST = 200;

async function rename() {
  name.value = props.scene.name;
  typing.value = true;
  await nextTick();
  field.value?.select();
}

function named() {
  if (!typing.value) return;
  typing.value = false;
  if (name.value.trim() && name.value !== props.scene.name) emit('rename', name.value);
}

function choose(what: string) {
  if (what === 'rename') void rename();
  if (what === 'copy') emit('copy');
  if (what === 'stand') emit('stand');
  if (what === 'remove') emit('remove');
}
</script>

<template>
  <li class="clipped" :data-scene="scene.id">
    <RouterLink
      :to="`/scenes/${scene.id}`"
      class="open"
      data-help="card"
      :aria-label="say('scene-card.open', scene.name)"
    >
      <img :src="scene.cover" alt="" width="320" height="200" loading="lazy" decoding="async" />
    </RouterLink>
    <div class="line">
      <NameField
        v-if="typing"
        ref="field"
        v-model="name"
        :most="MOST"
        :label="say('scene-card.name-of-the-scene')"
        @done="named"
        @given="typing = false"
      />
      <RouterLink v-else :to="`/scenes/${scene.id}`" class="name" :title="scene.name" tabindex="-1">{{
        scene.name
      }}</RouterLink>
      <CardMenu :scene="scene" :busy="busy" @choose="choose" />
    </div>
    <p class="facts numbers">
      <span>{{ counted(scene.triangles, 'triangle') }}</span>
      <span>{{ counted(scene.objects, 'object') }}</span>
      <span>{{ size(scene.bytes) }}</span>
      <span>{{ when(scene.createdAt) }}</span>
    </p>
    <button v-if="scene.asked" class="asked" data-help="stands" @click="emit('stand')">
      {{ say('scene-card.which-way-is-up-and-how') }}
    </button>
    <details v-if="scene.notes.length">
      <summary>
        {{
          say(
            'scene-card.not-shown',
            scene.notes.length === 1 ? say('scene-card.one-thing') : say('scene-card.things', scene.notes.length),
          )
        }}
      </summary>
      <p v-for="n in scene.notes" :key="n">{{ n }}</p>
    </details>
  </li>
</template>

<style scoped>
li {
  background: var(--panel);
  display: grid;
  grid-template-rows: auto auto auto;
  align-content: start;
  /* Of hundreds of scenes only those in sight are laid out. */
  content-visibility: auto;
  contain-intrinsic-size: auto 252px;
}
li:hover {
  background: var(--raised);
}
.open {
  display: block;
  background: linear-gradient(var(--stage-high), var(--stage-low));
}
.open:focus-visible {
  outline-offset: -3px;
}
img {
  display: block;
  width: 100%;
  height: auto;
  aspect-ratio: 8 / 5;
  object-fit: cover;
}
.line {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 36px;
  padding: 4px 4px 0 14px;
}
.name {
  flex: 1;
  min-width: 0;
  font-size: 15px;
  font-weight: 700;
  color: inherit;
  text-decoration: none;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.facts {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 10px;
  padding: 0 14px 10px;
  color: var(--quiet);
  font-size: 11.5px;
}
.facts span:nth-child(even) {
  text-align: right;
}
.asked {
  margin: 0 14px 12px;
  padding: 6px 10px;
  border: 1px solid var(--caution);
  background: none;
  color: var(--caution);
  text-align: left;
  cursor: pointer;
}
details {
  color: var(--quiet);
  padding: 0 14px 10px;
  font-size: 12.5px;
}
details p {
  margin-top: 4px;
  overflow-wrap: anywhere;
}
</style>
