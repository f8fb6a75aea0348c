<script setup lang="ts">
import GuideButton from '../../shared/dialogs/GuideButton.vue';
import HelpBubble from '../../features/help/HelpBubble.vue';
import TopBar from '../../shared/TopBar.vue';
import AllData from '../../features/account/AllData.vue';
import ChangeName from '../../features/account/ChangeName.vue';
import ChangePassword from '../../features/account/ChangePassword.vue';
import PlacesList from '../../features/account/PlacesList.vue';
import RemoveAccount from '../../features/account/RemoveAccount.vue';
import { ref } from 'vue';
import { say } from '../../words/say';

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
