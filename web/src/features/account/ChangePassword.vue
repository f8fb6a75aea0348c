<script setup lang="ts">
import { ref } from 'vue';
import { api } from '../../api/api';
import { useSession } from '../../shared/session';
import AskedWord from './AskedWord.vue';
import { useAsking } from './useAsking';
import './account.css';
import { say } from '../../words/say';

const emit = defineEmits<{ changed: [] }>();
const session = useSession();
const password = ref('');
const next = ref('');
const { busy, wrong, done, ask } = useAsking();

const change = () =>
  ask(async () => {
    await api.changePassword(password.value, next.value);
    password.value = next.value = '';
    emit('changed');
    return say('change-password.the-password-is-changed-everywhere-else');
  });
</script>

<template>
  <section class="part clipped" data-change-password>
    <h2>{{ say('change-password.password') }}</h2>
    <form @submit.prevent="change">
      <!-- For what keeps passwords: whose it is. -->
      <input class="gone" type="text" autocomplete="username" :value="session.name" aria-hidden="true" tabindex="-1" />
      <label for="old-password">{{ say('change-password.password-of-today') }}</label>
      <el-input
        id="old-password"
        v-model="password"
        type="password"
        show-password
        autocomplete="current-password"
        required
      />
      <label for="new-password">{{ say('change-password.new-password-8-to-72-characters') }}</label>
      <el-input id="new-password" v-model="next" type="password" show-password autocomplete="new-password" required />
      <AskedWord :wrong="wrong" :done="done" />
      <el-button native-type="submit" :loading="busy">{{ say('change-password.change-the-password') }}</el-button>
    </form>
  </section>
</template>

<style scoped>
.gone {
  display: none;
}
</style>
