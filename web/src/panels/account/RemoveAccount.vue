<script setup lang="ts">
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { useSession } from '../../stores/session';
import AskedWord from './AskedWord.vue';
import { useAsking } from './useAsking';
import './account.css';

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
    <h2>Delete the account</h2>
    <p class="quiet">
      All scenes, views, boards, Pins, keymaps and settings of {{ session.name }} go with it, at once and for good. What
      you want to keep can be saved as files before.
    </p>
    <el-button v-if="!sure" @click="sure = true">Delete the account …</el-button>
    <form v-else @submit.prevent="remove">
      <label for="remove-password">Password, to be sure it is you</label>
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
        <el-button @click="sure = false">Keep it</el-button>
        <el-button native-type="submit" type="danger" :loading="busy">Delete everything</el-button>
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
