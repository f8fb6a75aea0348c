<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { api, type SignedInPlace } from '../../api/api';
import AskedWord from '../../shared/fields/AskedWord.vue';
import { useAsking } from '../../shared/fields/useAsking';
import './account.css';
import { moment } from '../../words/numbers';
import { say } from '../../words/say';

/** Where one is signed in, and signing out there. */
const places = ref<SignedInPlace[]>([]);
const { busy, wrong, done, ask } = useAsking();

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
    return say('places-list.signed-out-there');
  });

const endOthers = () =>
  ask(async () => {
    await api.endOtherPlaces();
    await load();
    return say('places-list.signed-out-everywhere-else');
  });

onMounted(load);
defineExpose({ load });
</script>

<template>
  <section class="part wide clipped" data-places>
    <h2>{{ say('places-list.where-you-are-signed-in') }}</h2>
    <ul>
      <li v-for="p in places" :key="p.id">
        <span>
          {{ p.machine || say('places-list.unknown-machine') }}<template v-if="p.address">, {{ p.address }}</template>
          <span class="quiet"> · {{ say('places-list.since-last-seen', moment(p.since), moment(p.seen)) }}</span>
        </span>
        <strong v-if="p.here">{{ say('places-list.here') }}</strong>
        <button v-else class="plain" :disabled="busy" @click="end(p)">{{ say('places-list.sign-out-there') }}</button>
      </li>
    </ul>
    <AskedWord :wrong="wrong" :done="done" />
    <el-button v-if="places.length > 1" :loading="busy" @click="endOthers">
      {{ say('places-list.sign-out-everywhere-else') }}
    </el-button>
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
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 34px;
}
li > span {
  flex: 1 1 180px;
}
li > button {
  flex: none;
}
strong {
  color: var(--accent);
}
</style>
