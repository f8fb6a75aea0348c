<script setup lang="ts">
import { useCore, type ViewportSummary } from '../../core';
import PictureChooser from './PictureChooser.vue';
import { usePictures } from '../open/pictures';
import { say } from '../../words/say';

const props = defineProps<{ view: ViewportSummary }>();
const core = useCore();
const pictures = usePictures();
</script>

<template>
  <PictureChooser
    data-chooser
    :view="view"
    :text="view.title"
    :label="say('direction-chooser.direction-or-camera')"
    data-help="chip-direction"
    :lead="view.active"
    :ask="() => core.stage.viewport.choices(props.view.id)"
    :draw="(c, done) => pictures?.ofChoice(props.view.id, c.id, done)"
  />
</template>
