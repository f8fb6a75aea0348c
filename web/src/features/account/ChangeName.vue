<script setup lang="ts">
import { ref } from 'vue';
import { useSession } from '../../shared/session';
import AskedWord from './AskedWord.vue';
import { useAsking } from './useAsking';
import './account.css';
import { say } from '../../words/say';

const emit = defineEmits<{ changed: [] }>();
const session = useSession();
const name = ref(session.name ?? '');
const password = ref('');
const { busy, wrong, done, ask } = useAsking();

const change = () =>
  ask(async () => {
    await session.rename(name.value, password.value);
    name.value = session.name ?? '';
    password.value = '';
    emit('changed');
    return say('change-name.from-now-on-you-sign-in', session.name);
  });
</script>

<template>
  <section class="part clipped" data-change-name>
    <h2>{{ say('change-name.name') }}</h2>
    <form @submit.prevent="change">
      <label for="account-name">{{ say('change-name.name') }}</label>
      <el-input id="account-name" v-model="name" autocomplete="username" required maxlength="60" />
      <label for="name-password">{{ say('change-name.password-to-be-sure-it-is') }}</label>
      <el-input
        id="name-password"
        v-model="password"
        type="password"
        show-password
        autocomplete="current-password"
        required
      />
      <AskedWord :wrong="wrong" :done="done" />
      <el-button native-type="submit" :loading="busy">{{ say('change-name.change-the-name') }}</el-button>
    </form>
  </section>
</template>
