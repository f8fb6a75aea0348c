<script setup lang="ts">
import { reactive } from 'vue';
import AskedField from '../../shared/fields/AskedField.vue';
import AskedForm from '../../shared/fields/AskedForm.vue';
import { useSession } from '../../shared/session';
import './account.css';
import { say } from '../../words/say';

const emit = defineEmits<{ changed: [] }>();
const session = useSession();
const asked = reactive({ name: session.name ?? '', password: '' });

async function change() {
  await session.rename(asked.name, asked.password);
  Object.assign(asked, { name: session.name ?? '', password: '' });
  emit('changed');
  return say('change-name.from-now-on-you-sign-in', session.name);
}
</script>

<template>
  <section class="part clipped" data-change-name>
    <h2>{{ say('change-name.name') }}</h2>
    <AskedForm :model="asked" :button="say('change-name.change-the-name')" :send="change">
      <AskedField
        id="account-name"
        v-model="asked.name"
        prop="name"
        :label="say('change-name.name')"
        autocomplete="username"
        :most="60"
      />
      <AskedField
        id="name-password"
        v-model="asked.password"
        prop="password"
        :label="say('change-name.password-to-be-sure-it-is')"
        autocomplete="current-password"
      />
    </AskedForm>
  </section>
</template>
