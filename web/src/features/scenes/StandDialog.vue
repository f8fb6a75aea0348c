<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { api, type SceneEntry } from '../../api/api';
import { UNITS } from '../../shared/facts';
import RadioCards from '../../shared/fields/RadioCards.vue';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { say } from '../../words/say';

/** Asks which way is up in a scene and what its numbers are in, where its file says neither. */
const props = defineProps<{ scene: SceneEntry | null }>();
const emit = defineEmits<{ close: []; changed: [] }>();
const up = ref('Y');
const AXES = [{ id: 'Y' }, { id: 'Z' }];
const unit = ref('m');
const sizes = ref<{ unit: string; size: string }[]>([]);
const size = computed(() => sizes.value.find((s) => s.unit === unit.value)?.size);
const wrong = ref('');
const working = ref(false);
const there = computed({ get: () => !!props.scene, set: (on) => !on && emit('close') });

watch(
  () => props.scene,
  async (s) => {
    if (!s) return;
    sizes.value = [];
    up.value = s.upAxis;
    unit.value = s.unit ?? 'm';
    wrong.value = '';
    const found = await api.sizes(s.id).catch(() => []);
    if (props.scene?.id === s.id) sizes.value = found;
  },
);

async function use() {
  if (!props.scene || working.value) return;
  working.value = true;
  try {
    await api.changeScene(props.scene.id, { upAxis: up.value, unit: unit.value });
    emit('changed');
    emit('close');
  } catch (e) {
    wrong.value = (e as Error).message;
  } finally {
    working.value = false;
  }
}
</script>

<template>
  <GuidedDialog
    v-model="there"
    :title="scene ? say('stand-dialog.how-stands', scene.name) : ''"
    guide="scenes"
    width="620px"
    data-stand
  >
    <template v-if="scene">
      <p class="why">{{ say('stand-dialog.the-format-of-its-file-says') }}</p>
      <RadioCards
        v-slot="{ choice }"
        v-model="up"
        class="both"
        :label="say('stand-dialog.which-way-is-up')"
        :choices="AXES"
        attribute="data-up"
      >
        <img :src="api.coverAddress(scene.id, choice.id)" alt="" width="320" height="200" />
        <span class="axis">{{ say('stand-dialog.points-upwards', choice.id) }}</span>
      </RadioCards>
      <p class="heading">{{ say('stand-dialog.its-numbers-are-in') }}</p>
      <div class="ways" role="group" :aria-label="say('stand-dialog.unit')">
        <button v-for="[sign, words] in UNITS" :key="sign" :aria-pressed="unit === sign" @click="unit = sign">
          {{ words }}
        </button>
      </div>
      <p class="size" role="status" data-size>{{ size ? say('stand-dialog.that-makes-it-along-x-y', size) : '' }}</p>
      <p class="why">{{ say('stand-dialog.saved-views-of-this-scene-begin') }}</p>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    </template>
    <template #footer>
      <el-button @click="emit('close')">{{ say('stand-dialog.leave-it') }}</el-button>
      <el-button type="primary" :loading="working" @click="use">{{ say('stand-dialog.use-this') }}</el-button>
    </template>
  </GuidedDialog>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin: 12px 0 18px;
}
.both :deep(.el-radio) {
  background: var(--raised);
}
.both img {
  width: 100%;
  height: auto;
  background: linear-gradient(var(--stage-high), var(--stage-low));
}
.axis {
  display: block;
  padding: 8px 14px;
}
.both :deep(.el-radio.on) {
  background: var(--accent);
  color: var(--on-accent);
}
.both :deep(.el-radio.on) .axis {
  font-weight: 700;
}
.ways {
  margin: 8px 0;
  width: fit-content;
}
.size {
  min-height: 1.5em;
  margin-bottom: 14px;
}
.why {
  color: var(--quiet);
}
.wrong {
  color: var(--error);
  margin-top: 10px;
}
</style>
