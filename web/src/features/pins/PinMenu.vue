<script setup lang="ts">
import { computed } from 'vue';
import type { PinRow } from '../../core';
import { nameOf } from '../../stage/open/names';
import { useStage } from '../../stage/open/store';
import { say } from '../../words/say';

defineProps<{ pin: PinRow; first: boolean; last: boolean }>();
/** A command, `rename`, `copy`, `earlier`, `later`, or `in:` and the viewport to go there in. */
defineEmits<{ choose: [what: string] }>();
const store = useStage();
const places = computed(() => store.views.filter((v) => v.shown));
</script>

<template>
  <el-dropdown trigger="click" @command="(what: string) => $emit('choose', what)">
    <button class="plain" :aria-label="say('pin-menu.more-on', pin.name)">…</button>
    <template #dropdown>
      <el-dropdown-menu>
        <template v-if="!pin.board && places.length > 1">
          <el-dropdown-item v-for="v in places" :key="v.id" :command="`in:${v.id}`">
            {{ say('pin-menu.go-there-in', nameOf(v, places)) }}
          </el-dropdown-item>
        </template>
        <el-dropdown-item command="pin.update" :divided="!pin.board && places.length > 1">
          {{ say('pin-menu.update-to-the-present-view') }}
        </el-dropdown-item>
        <el-dropdown-item command="rename">{{ say('pin-menu.rename') }}</el-dropdown-item>
        <el-dropdown-item command="earlier" :disabled="first">{{ say('pin-menu.move-up') }}</el-dropdown-item>
        <el-dropdown-item command="later" :disabled="last">{{ say('pin-menu.move-down') }}</el-dropdown-item>
        <el-dropdown-item command="copy" divided>{{ say('pin-menu.copy-as-json') }}</el-dropdown-item>
        <el-dropdown-item command="pin.delete">{{ say('pin-menu.delete') }}</el-dropdown-item>
      </el-dropdown-menu>
    </template>
  </el-dropdown>
</template>

<style scoped>
button {
  min-width: 26px;
  min-height: 24px;
  padding: 0 6px;
  line-height: 22px;
  color: var(--quiet);
}
</style>
