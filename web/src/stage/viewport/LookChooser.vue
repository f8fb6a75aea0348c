<script setup lang="ts">
import { computed, ref } from 'vue';
import { useCore, type ViewSource, type ViewportSummary } from '../../core';
import { useStage } from '../open/store';
import ChoiceWords from './ChoiceWords.vue';
import LookEditor from './LookEditor.vue';
import PictureChooser from './PictureChooser.vue';
import { usePictures } from '../open/pictures';
import { say } from '../../words/say';

const props = defineProps<{ view: ViewportSummary }>();
const core = useCore();
const store = useStage();
const pictures = usePictures();
const lights = computed<ViewSource[]>(() => (props.view.light === null ? [] : core.stage.looks.lights(props.view.id)));
/** Asked anew when the viewport has another one. */
const backgrounds = computed<ViewSource[]>(() =>
  props.view.background ? core.stage.looks.backgrounds(props.view.id) : [],
);
const editing = ref(false);
const own = (to: string): ViewSource => ({
  id: to,
  label: '',
  command: 'display.background',
  args: { to },
  on: false,
});
const exposures = [
  { to: 'darker', words: say('look-chooser.darker') },
  { to: 'brighter', words: say('look-chooser.brighter') },
  { to: 'usual', words: say('look-chooser.as-usual') },
];
</script>

<template>
  <PictureChooser
    class="look"
    :view="view"
    :text="view.displayLabel"
    :label="say('look-chooser.look')"
    data-help="chip-look"
    :bright="view.active"
    numbered
    :instead="editing"
    :ask="() => core.stage.looks.all(props.view.id)"
    :draw="(c, done) => pictures?.ofLook(props.view, c.id, done)"
    @closed="editing = false"
  >
    <template #instead="{ choose }">
      <LookEditor :view="view" :choose="choose" @back="editing = false" />
    </template>
    <template #default="{ choose }">
      <ChoiceWords
        v-if="lights.length"
        class="row"
        :choices="lights"
        :label="say('look-chooser.lit-by')"
        @choose="choose($event)"
      />
      <div v-if="lights.length" class="row" role="group" :aria-label="say('look-chooser.brightness')">
        <button
          v-for="e in exposures"
          :key="e.to"
          class="word"
          data-command="display.exposure"
          :data-choice="e.to"
          @click="
            choose({ id: e.to, label: e.words, command: 'display.exposure', args: { to: e.to }, on: false }, true)
          "
        >
          {{ e.words }}
        </button>
      </div>
      <ChoiceWords
        class="row"
        :choices="backgrounds"
        :label="say('look-chooser.background')"
        @choose="choose($event, true)"
      >
        <label class="word" :class="{ own: view.background.startsWith('#') }">
          {{ say('look-chooser.colour-of-your-own') }}
          <input
            type="color"
            :value="view.background.startsWith('#') ? view.background : '#24414e'"
            @input="choose(own(($event.target as HTMLInputElement).value), true)"
          />
        </label>
      </ChoiceWords>
      <div class="row">
        <button class="word" data-edit-look @click="editing = true">
          {{ say('look-chooser.change-this-look-or-keep-one') }}
        </button>
        <button
          v-if="store.views.length > 1"
          class="word"
          data-command="display.everywhere"
          @click="choose({ id: 'all', label: '', command: 'display.everywhere', args: {}, on: false })"
        >
          {{ say('look-chooser.the-same-in-all-viewports') }}
        </button>
      </div>
    </template>
  </PictureChooser>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  padding-top: 6px;
  border-top: 1px solid var(--line);
}
.word input {
  width: 28px;
  height: 24px;
  padding: 0;
  border: 1px solid var(--line);
  background: none;
}
.own {
  color: var(--accent);
}
</style>
