<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useSession } from '../../shared/session';
import { LANGUAGES, language, speak } from '../../words/language';
import { say } from '../../words/say';

const session = useSession();
const route = useRoute();
const router = useRouter();
const name = ref('');
const password = ref('');
const wrong = ref('');
const busy = ref(false);
const first = computed(() => session.firstAccountWanted);
const joining = ref(false);
const making = computed(() => first.value || joining.value);

async function go() {
  busy.value = true;
  wrong.value = '';
  try {
    const door = first.value ? session.firstAccount : joining.value ? session.signUp : session.signIn;
    await door(name.value, password.value);
    const to = typeof route.query.to === 'string' && route.query.to.startsWith('/') ? route.query.to : '/scenes';
    await router.replace(to);
  } catch (e) {
    wrong.value = (e as Error).message;
  } finally {
    busy.value = false;
  }
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
    <form class="form" @submit.prevent="go">
      <h1>Rhombus</h1>
      <p class="lead">{{ say('sign-in.look-at-a-scene-from-every') }}</p>
      <p v-if="first" class="first">{{ say('sign-in.this-is-a-new-installation-choose') }}</p>
      <label for="name">{{ say('sign-in.name') }}</label>
      <el-input id="name" v-model="name" size="large" autocomplete="username" autofocus required />
      <label for="password">{{ say('sign-in.password') }}</label>
      <el-input
        id="password"
        v-model="password"
        size="large"
        type="password"
        show-password
        :autocomplete="making ? 'new-password' : 'current-password'"
        required
      />
      <p class="wrong" role="alert">{{ wrong }}</p>
      <el-button native-type="submit" type="primary" size="large" :loading="busy">
        {{ making ? say('sign-in.create-account') : say('sign-in.sign-in') }}
      </el-button>
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
    </form>
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
  display: flex;
  flex-direction: column;
  gap: 6px;
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
label {
  color: var(--quiet);
  margin-top: 8px;
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
.wrong {
  color: var(--error);
  min-height: 3em;
  padding-top: 8px;
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
