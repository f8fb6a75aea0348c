<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useCore, type KeysPage, type DevicePart } from '../../core';
import { modifiersOf } from '../../stage/input/modifiers';
import { useStage } from '../../stage/open/store';
import DevicePicture from './DevicePicture.vue';
import GiveCommand from './GiveCommand.vue';
import { say } from '../../words/say';

/** The keymap as a picture that follows the modifiers held; what a key or a button does is seen and set by clicking it. */
const props = defineProps<{ page: KeysPage; version: number }>();
const emit = defineEmits<{ looked: []; change: [id: string]; give: [command: string, which: number] }>();
const core = useCore();
const store = useStage();
/** Modifiers that are held, and those that were clicked to stay. */
const held = ref(0);
const kept = ref(0);
const place = ref('');
const chosen = ref('');
const modifiers = computed(() => held.value | kept.value);
const picture = computed(() => {
  void props.version;
  void store.keymapVersion;
  return core.stage.keys.picture(modifiers.value, place.value);
});
/** What else there is besides the keyboard. */
const devices = computed(() => props.page.devices.filter((d) => partsOf(d.id).length > 0));
const partsOf = (device: string) => picture.value.parts.filter((p: DevicePart) => p.device === device);
const percent = (part: number, whole: number) => `${(part / whole) * 100}%`;

function look(trigger: string) {
  chosen.value = trigger;
  core.stage.bindings.lookAt(trigger, modifiers.value);
  emit('looked');
}

function press(code: string, modifier: number) {
  if (modifier) kept.value ^= modifier;
  else look(`key:${code}`);
}

function follow(e: KeyboardEvent) {
  held.value = modifiersOf(e);
}
const clear = () => (held.value = 0);

useEventListener(window, ['keydown', 'keyup'], follow, true);
useEventListener(window, 'blur', clear);
</script>

<template>
  <div class="picture" data-keys-picture>
    <div class="above">
      <label>
        {{ say('picture-view.pointer') }}
        <select v-model="place" class="filter" data-picture-place>
          <option value="">{{ say('picture-view.in-a-perspective-view') }}</option>
          <option v-for="p in picture.places.filter((q) => q.id !== 'perspective')" :key="p.id" :value="p.id">
            {{ p.label }}
          </option>
        </select>
      </label>
      <ul class="families" :aria-label="say('picture-view.colours')">
        <li v-for="(f, k) in picture.families" :key="f" :class="`f${k}`"><i />{{ f }}</li>
      </ul>
    </div>
    <div class="board" :style="{ aspectRatio: `${picture.width} / ${picture.height}` }">
      <button
        v-for="k in picture.keys"
        :key="k.code"
        class="key"
        :class="[k.family < 0 ? 'free' : `f${k.family}`, { down: k.down, chosen: chosen === `key:${k.code}` }]"
        :style="{
          left: percent(k.x, picture.width),
          top: percent(k.y, picture.height),
          width: percent(k.width, picture.width),
          height: percent(k.height, picture.height),
        }"
        :aria-pressed="k.modifier ? k.down : undefined"
        :aria-label="`${k.label}${k.does ? `: ${k.does}` : ''}${k.holds ? `; ${say('picture-view.held', k.holds)}` : ''}`"
        :title="[k.does, k.holds && say('picture-view.held', k.holds)].filter(Boolean).join('\n')"
        :data-picture-key="k.code"
        @click="press(k.code, k.modifier)"
      >
        <span class="cap">
          <b>{{ k.label }}</b>
          <span v-if="k.does || k.holds" class="does">{{ k.does ?? say('picture-view.hold', k.holds) }}</span>
          <i v-if="k.holds && k.does" class="holds" :title="say('picture-view.held', k.holds)" />
        </span>
      </button>
    </div>
    <div class="below">
      <section v-for="d in devices" :key="d.id" class="device" :class="d.id">
        <h4>{{ d.label }}</h4>
        <DevicePicture :device="d.id" :parts="partsOf(d.id)" />
        <ul>
          <li v-for="p in partsOf(d.id)" :key="p.trigger">
            <button
              class="part"
              :class="[p.family < 0 ? 'free' : `f${p.family}`, { chosen: chosen === p.trigger }]"
              :data-picture-part="p.trigger"
              @click="look(p.trigger)"
            >
              <i /><span>{{ p.label }}</span
              ><em>{{ p.does ?? say('picture-view.nothing') }}</em>
            </button>
          </li>
        </ul>
      </section>
      <section class="answer" aria-live="polite" data-picture-answer>
        <template v-if="page.done">
          <h4>
            <kbd>{{ page.done }}</kbd>
          </h4>
          <p v-if="!page.answers.length" class="quiet">{{ say('picture-view.does-nothing-anywhere') }}</p>
          <ul v-else>
            <li v-for="a in page.answers" :key="a.binding">
              <button
                class="plain"
                :title="say('picture-view.another-trigger-for', a.words)"
                @click="emit('change', a.binding)"
              >
                {{ a.words }}<small>{{ a.where }}</small>
              </button>
            </li>
          </ul>
          <GiveCommand :trigger="page.done" @give="(c, w) => emit('give', c, w)" />
        </template>
        <p v-else class="quiet">{{ say('picture-view.click-a-key-or-a-button') }}</p>
      </section>
    </div>
  </div>
</template>

<style scoped src="./picture.css"></style>
