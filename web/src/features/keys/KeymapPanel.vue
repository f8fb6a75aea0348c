<script setup lang="ts">
import { nextTick, ref } from 'vue';
import { useCore, type KeysPage } from '../../core';
import { keymapToFragment } from '../../stage/open/address';
import LinkBox from '../../shared/dialogs/LinkBox.vue';
import NameField from '../../shared/fields/NameField.vue';
import KeymapFile from './KeymapFile.vue';
import SheetPrint from './SheetPrint.vue';
import { say } from '../../words/say';

/** Which keymap is in use, and what can be done with it as a whole. */
const props = defineProps<{ page: KeysPage }>();
const emit = defineEmits<{ changed: []; teach: []; bench: [] }>();
const core = useCore();
const naming = ref(false);
const name = ref('');
const wrong = ref<string | null>(null);
const told = ref('');
const link = ref('');
const field = ref<InstanceType<typeof NameField>>();
const LONGEST = 60;
const OWN = 'own:';
const CURRENT = 'current';

function act(what: () => void) {
  wrong.value = null;
  what();
  emit('changed');
}

function choose(value: string) {
  if (value === CURRENT) return;
  act(() =>
    value.startsWith(OWN) ? core.stage.keymaps.choose(value.slice(OWN.length)) : core.stage.keymaps.preset(value),
  );
}

function onlyHere(on: boolean) {
  act(() => core.stage.command('app.keymap-here', { on }, null, performance.now()));
}

/** An address with the keymap in it, which no server sees: whoever opens it may look at it and use it. */
async function copyAddress() {
  told.value = '';
  link.value = '';
  const address = `${window.location.origin}/scenes#${await keymapToFragment(core.stage.keymaps.current())}`;
  await navigator.clipboard.writeText(address).then(
    () => (told.value = say('keymap-panel.the-address-of-this-keymap-is')),
    () => (link.value = address),
  );
}

async function rename() {
  name.value = props.page.name;
  naming.value = true;
  await nextTick();
  field.value?.select();
}

function renamed() {
  if (!naming.value) return;
  wrong.value = core.stage.keymaps.rename(name.value);
  naming.value = wrong.value !== null;
  if (!naming.value) emit('changed');
}

function given() {
  naming.value = false;
  wrong.value = null;
}
</script>

<template>
  <div class="keymap" data-keymap-panel>
    <NameField
      v-if="naming"
      ref="field"
      v-model="name"
      :most="LONGEST"
      :label="say('keymap-panel.name')"
      @done="renamed"
      @given="given"
    />
    <select
      v-else
      :value="page.own ? CURRENT : page.preset"
      :aria-label="say('keymap-panel.keymap')"
      data-keymap
      @change="choose(($event.target as HTMLSelectElement).value)"
    >
      <optgroup v-if="page.own || page.others.length" :label="say('keymap-panel.mine')">
        <option v-if="page.own" :value="CURRENT">{{ page.name }}</option>
        <option v-for="o in page.others" :key="o" :value="OWN + o">{{ o }}</option>
      </optgroup>
      <optgroup :label="say('keymap-panel.presets')">
        <option v-for="p in page.presets" :key="p.id" :value="p.id">{{ p.label }}</option>
      </optgroup>
    </select>
    <p v-if="wrong" class="caution" role="alert">{{ wrong }}.</p>
    <p v-if="told" class="quiet hand" role="status" data-address-told>{{ told }}</p>
    <LinkBox
      v-if="link"
      :link="link"
      :label="say('keymap-panel.address-of-this-keymap')"
      class="link"
      @close="link = ''"
    />
    <p class="quiet hand">
      <template v-if="page.own">
        {{ say('keymap-panel.on', page.presets.find((p) => p.id === page.preset)?.label) }}
      </template>
      {{ page.own ? say('keymap-panel.changed', page.changed) : page.hand }}
    </p>
    <label class="here" :title="say('keymap-panel.this-scene-keeps-this-keymap-all')">
      <input
        type="checkbox"
        :checked="page.elsewhere !== null && page.elsewhere !== undefined"
        data-keymap-here
        @change="onlyHere(($event.target as HTMLInputElement).checked)"
      />
      {{ say('keymap-panel.only-in-this-scene') }}
    </label>
    <p v-if="page.elsewhere" class="quiet hand" data-elsewhere>
      {{ say('keymap-panel.other-scenes-use', page.elsewhere) }}
    </p>
    <el-button data-deed="teach" @click="emit('teach')">{{ say('keymap-panel.teach-it-your-hand') }}</el-button>
    <div class="deeds">
      <button
        class="plain"
        data-deed="copy"
        @click="act(() => core.stage.keymaps.copy(say('keymap-panel.copy', page.name)))"
      >
        {{ say('keymap-panel.copy-2') }}
      </button>
      <button class="plain" data-deed="rename" @click="rename">{{ say('keymap-panel.rename') }}</button>
      <button class="plain" :disabled="!page.own" data-deed="delete" @click="act(() => core.stage.keymaps.delete())">
        {{ say('keymap-panel.delete') }}
      </button>
      <button class="plain" :disabled="!page.changed" @click="act(() => core.stage.keymaps.reset(''))">
        {{ say('keymap-panel.reset-all') }}
      </button>
      <button
        class="plain"
        :title="say('keymap-panel.keys-change-sides-for-the-hand')"
        data-deed="mirror"
        @click="act(() => core.stage.keymaps.mirror())"
      >
        {{ say('keymap-panel.other-hand') }}
      </button>
      <button class="plain" data-deed="address" @click="copyAddress">{{ say('keymap-panel.copy-its-address') }}</button>
      <button class="plain" data-deed="bench" @click="emit('bench')">{{ say('keymap-panel.device-bench') }}</button>
      <KeymapFile @changed="emit('changed')" />
      <SheetPrint />
    </div>
  </div>
</template>

<style scoped>
.keymap {
  display: grid;
  gap: 6px;
  margin-bottom: 14px;
  align-self: stretch;
}
select {
  width: 100%;
  background: var(--panel);
  color: var(--text);
  border: 1px solid var(--line);
  padding: 5px 6px;
  font: inherit;
  font-weight: 600;
}
p {
  margin: 0;
}
.hand {
  font-size: 12.5px;
  line-height: 1.35;
}
.here {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 26px;
}
.caution {
  color: var(--caution);
  font-size: 12.5px;
}
.link :deep(input) {
  width: 100%;
}
.deeds {
  display: flex;
  flex-wrap: wrap;
  gap: 0 2px;
  margin-left: -8px;
}
.deeds :deep(.plain) {
  min-height: 26px;
}
.deeds :deep(.plain:disabled) {
  opacity: 0.5;
  cursor: default;
}
</style>
