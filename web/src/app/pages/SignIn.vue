<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import AskedField from '../../shared/fields/AskedField.vue';
import AskedForm from '../../shared/fields/AskedForm.vue';
import { useSession } from '../../shared/session';
import { LANGUAGES, language, speak } from '../../words/language';
import { say } from '../../words/say';

const session = useSession();
const route = useRoute();
const router = useRouter();
const asked = reactive({ name: '', password: '' });
const first = computed(() => session.firstAccountWanted);
const joining = ref(false);
const making = computed(() => first.value || joining.value);

async function go() {
  const ask = first.value ? session.firstAccount : joining.value ? session.signUp : session.signIn;
  await ask(asked.name, asked.password);
  const to = typeof route.query.to === 'string' && route.query.to.startsWith('/') ? route.query.to : '/scenes';
  await router.replace(to);
  return '';
}
</script>

<template>
  <main class="door">
    <section class="side" aria-hidden="true">
      <svg viewBox="0 0 400 400">
        <g fill="none" stroke="currentColor">
          <path d="M200 40 330 200 200 360 70 200Z" stroke-width="3" />
          <path d="M200 110 272 200 200 290 128 200Z" opacity=".7" />
          <path d="M200 160 232 200 200 240 168 200Z" opacity=".45" />
          <path d="M70 200H330M200 40V360" opacity=".25" />
        </g>
      </svg>
    </section>
    <section class="form">
      <h1>Rhombus</h1>
      <p class="lead">{{ say('sign-in.look-at-a-scene-from-every') }}</p>
      <p v-if="first" class="first">{{ say('sign-in.this-is-a-new-installation-choose') }}</p>
      <AskedForm
        :model="asked"
        :button="making ? say('sign-in.create-account') : say('sign-in.sign-in')"
        size="large"
        :send="go"
      >
        <AskedField
          id="name"
          v-model="asked.name"
          prop="name"
          :label="say('sign-in.name')"
          autocomplete="username"
          autofocus
        />
        <AskedField
          id="password"
          v-model="asked.password"
          prop="password"
          :label="say('sign-in.password')"
          :autocomplete="making ? 'new-password' : 'current-password'"
        />
      </AskedForm>
      <button v-if="session.signUpOffered && !first" type="button" class="plain other" @click="joining = !joining">
        {{ joining ? say('sign-in.i-have-an-account') : say('sign-in.i-have-no-account-yet') }}
      </button>
      <p class="languages">
        <button
          v-for="l in LANGUAGES"
          :key="l.tag"
          type="button"
          class="plain"
          :lang="l.tag"
          :aria-pressed="l.tag === language"
          :data-speak="l.tag"
          @click="speak(l.tag)"
        >
          {{ l.name }}
        </button>
      </p>
    </section>
  </main>
</template>

<style scoped>
.door {
  height: 100%;
  display: grid;
  grid-template-columns: 1.15fr 1fr;
}
.side {
  background: linear-gradient(160deg, var(--stage-high), var(--stage-low));
  clip-path: polygon(0 0, 100% 0, calc(100% - 90px) 100%, 0 100%);
  display: grid;
  place-items: center;
  color: var(--accent);
}
.side svg {
  width: min(52%, 380px);
}
.form {
  align-self: center;
  justify-self: start;
  width: min(360px, 90%);
  margin-left: 24px;
}
.form :deep(form > .el-button) {
  width: 100%;
}
h1 {
  font-size: 34px;
  letter-spacing: 0.01em;
}
.lead {
  color: var(--quiet);
  margin-bottom: 22px;
}
.first {
  border-left: 2px solid var(--accent);
  padding-left: 9px;
  margin-bottom: 12px;
}
.other {
  align-self: start;
  color: var(--accent);
}
.languages {
  display: flex;
  gap: 4px;
  margin: 14px 0 0 -8px;
}
.languages [aria-pressed='true'] {
  color: var(--text);
  font-weight: 700;
}
@media (max-width: 700px) {
  .door {
    grid-template-columns: 1fr;
  }
  .side {
    display: none;
  }
}
</style>
