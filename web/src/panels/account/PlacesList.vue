<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { api, type SignedInPlace } from '../../api/api';
import AskedWord from './AskedWord.vue';
import { useAsking } from './useAsking';
import './account.css';

/** Where one is signed in, and signing out there. */
const places = ref<SignedInPlace[]>([]);
const { busy, wrong, done, ask } = useAsking();
const moment = (iso: string) => new Date(iso).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

async function load() {
  try {
    places.value = await api.places();
  } catch (e) {
    wrong.value = (e as Error).message;
  }
}

const end = (p: SignedInPlace) =>
  ask(async () => {
    await api.endPlace(p.id);
    await load();
    return 'Signed out there.';
  });

const endOthers = () =>
  ask(async () => {
    await api.endOtherPlaces();
    await load();
    return 'Signed out everywhere else.';
  });

onMounted(load);
defineExpose({ load });
</script>

<template>
  <section class="part wide clipped" data-places>
    <h2>Where you are signed in</h2>
    <ul>
      <li v-for="p in places" :key="p.id">
        <span>
          {{ p.machine || 'unknown machine' }}<template v-if="p.address">, {{ p.address }}</template>
          <span class="quiet"> · since {{ moment(p.since) }}, last seen {{ moment(p.seen) }}</span>
        </span>
        <strong v-if="p.here">here</strong>
        <button v-else class="plain" :disabled="busy" @click="end(p)">Sign out there</button>
      </li>
    </ul>
    <AskedWord :wrong="wrong" :done="done" />
    <el-button v-if="places.length > 1" :loading="busy" @click="endOthers">Sign out everywhere else</el-button>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0 0 6px;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 34px;
}
strong {
  color: var(--accent);
}
</style>
