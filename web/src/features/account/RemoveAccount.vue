<script setup lang="ts">
import { reactive, ref } from 'vue';
import { useRouter } from 'vue-router';
import AskedField from '../../shared/fields/AskedField.vue';
import AskedForm from '../../shared/fields/AskedForm.vue';
import { useSession } from '../../shared/session';
import './account.css';
import { say } from '../../words/say';

const session = useSession();
const router = useRouter();
const sure = ref(false);
const asked = reactive({ password: '' });

async function remove() {
  await session.remove(asked.password);
  await router.push('/sign-in');
  return '';
}
</script>

<template>
  <section class="part wide clipped" data-remove-account>
    <h2>{{ say('remove-account.delete-the-account') }}</h2>
    <p class="quiet">
      {{ say('remove-account.all-scenes-views-boards-pins-keymaps', session.name) }}
    </p>
    <el-button v-if="!sure" @click="sure = true">{{ say('remove-account.delete-the-account-2') }}</el-button>
    <AskedForm v-else :model="asked" :button="say('remove-account.delete-everything')" danger :send="remove">
      <AskedField
        id="remove-password"
        v-model="asked.password"
        prop="password"
        :label="say('remove-account.password-to-be-sure-it-is')"
        autocomplete="current-password"
      />
      <template #buttons>
        <el-button @click="sure = false">{{ say('remove-account.keep-it') }}</el-button>
      </template>
    </AskedForm>
  </section>
</template>

<style scoped>
p {
  max-width: 70ch;
  margin-bottom: 10px;
}
</style>
