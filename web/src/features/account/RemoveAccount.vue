<script setup lang="ts">
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { useSession } from '../../shared/session';
import AskedWord from './AskedWord.vue';
import { useAsking } from './useAsking';
import './account.css';
import { say } from '../../words/say';

const session = useSession();
const router = useRouter();
const sure = ref(false);
const password = ref('');
const { busy, wrong, done, ask } = useAsking();

const remove = () =>
  ask(async () => {
    await session.remove(password.value);
    await router.push('/sign-in');
    return '';
  });
</script>

<template>
  <section class="part wide clipped" data-remove-account>
    <h2>{{ say('remove-account.delete-the-account') }}</h2>
    <p class="quiet">
      {{ say('remove-account.all-scenes-views-boards-pins-keymaps', session.name) }}
    </p>
    <el-button v-if="!sure" @click="sure = true">{{ say('remove-account.delete-the-account-2') }}</el-button>
    <form v-else @submit.prevent="remove">
      <label for="remove-password">{{ say('remove-account.password-to-be-sure-it-is') }}</label>
      <el-input
        id="remove-password"
        v-model="password"
        type="password"
        show-password
        autocomplete="current-password"
        required
      />
      <AskedWord :wrong="wrong" :done="done" />
      <div>
        <el-button @click="sure = false">{{ say('remove-account.keep-it') }}</el-button>
        <el-button native-type="submit" type="danger" :loading="busy">
          {{ say('remove-account.delete-everything') }}
        </el-button>
      </div>
    </form>
  </section>
</template>

<style scoped>
p {
  max-width: 70ch;
  margin-bottom: 10px;
}
</style>
