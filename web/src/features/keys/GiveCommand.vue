<script setup lang="ts">
import { computed, ref } from 'vue';
import { useCore } from '../../core';
import { say } from '../../words/say';

/** Chooses a command that gets a trigger, by words. */
defineProps<{ trigger: string }>();
const emit = defineEmits<{ give: [command: string, which: number] }>();
const core = useCore();
const typed = ref('');
const MOST = 6;
const found = computed(() => (typed.value.trim() ? core.stage.keys.bindable(typed.value).slice(0, MOST) : []));
</script>

<template>
  <div class="give">
    <el-input
      v-model="typed"
      size="small"
      :placeholder="say('give-command.give-to-a-command', trigger)"
      :aria-label="say('give-command.give-to-a-command', trigger)"
      data-give
      clearable
    />
    <ul v-if="found.length">
      <li v-for="f in found" :key="f.command + f.which">
        <button class="plain" @click="emit('give', f.command, f.which)">{{ f.words }}</button>
      </li>
    </ul>
    <p v-else-if="typed.trim()" class="quiet">{{ say('give-command.nothing-is-called-that') }}</p>
  </div>
</template>

<style scoped>
.give {
  margin-top: 8px;
}
ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
}
.plain {
  padding: 3px 0;
  min-height: 26px;
  font-size: 13px;
  white-space: normal;
  text-align: left;
}
</style>
