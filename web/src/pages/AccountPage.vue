<script setup lang="ts">
import GuideButton from '../guide/GuideButton.vue';
import HelpBubble from '../help/HelpBubble.vue';
import TopBar from '../panels/common/TopBar.vue';
import AllData from '../panels/account/AllData.vue';
import ChangeName from '../panels/account/ChangeName.vue';
import ChangePassword from '../panels/account/ChangePassword.vue';
import PlacesList from '../panels/account/PlacesList.vue';
import RemoveAccount from '../panels/account/RemoveAccount.vue';
import { ref } from 'vue';
import { say } from '../words/say';

const places = ref<InstanceType<typeof PlacesList>>();
</script>

<template>
  <div class="page">
    <TopBar>
      <h1>{{ say('account-page.account') }}</h1>
      <template #right><GuideButton page="account" /></template>
    </TopBar>
    <main>
      <ChangeName @changed="places?.load()" />
      <ChangePassword @changed="places?.load()" />
      <PlacesList ref="places" />
      <AllData />
      <RemoveAccount />
    </main>
    <HelpBubble :core="null" />
  </div>
</template>

<style scoped>
.page {
  height: 100%;
  display: grid;
  grid-template-rows: auto 1fr;
}
main {
  overflow: auto;
  padding: 22px max(24px, calc(50% - 460px)) 60px;
  background: linear-gradient(var(--stage-high), var(--stage-low));
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr));
  gap: 18px;
  align-content: start;
}
</style>
