<script setup lang="ts">
import { reactive } from 'vue';
import { api } from '../../api/api';
import AskedField from '../../shared/fields/AskedField.vue';
import AskedForm from '../../shared/fields/AskedForm.vue';
import { useSession } from '../../shared/session';
import './account.css';
import { say } from '../../words/say';

const emit = defineEmits<{ changed: [] }>();
const session = useSession();
const asked = reactive({ password: '', next: '' });

async function change() {
  await api.changePassword(asked.password, asked.next);
  Object.assign(asked, { password: '', next: '' });
  emit('changed');
  return say('change-password.the-password-is-changed-everywhere-else');
}
</script>

<template>
  <section class="part clipped" data-change-password>
    <h2>{{ say('change-password.password') }}</h2>
    <AskedForm :model="asked" :button="say('change-password.change-the-password')" :send="change">
      <!-- For what keeps passwords: whose it is. -->
      <input class="gone" type="text" autocomplete="username" :value="session.name" aria-hidden="true" tabindex="-1" />
      <AskedField
        id="old-password"
        v-model="asked.password"
        prop="password"
        :label="say('change-password.password-of-today')"
        autocomplete="current-password"
      />
      <AskedField
        id="new-password"
        v-model="asked.next"
        prop="next"
        :label="say('change-password.new-password-8-to-72-characters')"
        autocomplete="new-password"
      />
    </AskedForm>
  </section>
</template>

<style scoped>
.gone {
  display: none;
}
</style>
