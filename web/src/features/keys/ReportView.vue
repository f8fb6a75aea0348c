<script setup lang="ts">
import { computed, ref } from 'vue';
import { useCore, type ReportState } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import { useStage } from '../../stage/open/store';
import { say } from '../../words/say';

/** What the hand has done: triggers by use, what was taken back, what was run past the triggers, and what would help. */
const props = defineProps<{ open: OpenScene }>();
const core = useCore();
const store = useStage();
const version = ref(0);
const told = ref('');
const state = computed<ReportState>(() => {
  void version.value;
  void store.keymapVersion;
  return core.stage.advice.state();
});
const kept = computed(() => {
  void props.open.habitsVersion.value;
  return core.settings.list('').find((h) => h.id === 'report.keep');
});

function follow(id: string) {
  told.value = core.stage.advice.follow(id)
    ? say('report-view.done-undo-change-takes-a-change')
    : say('report-view.that-is-settled');
  props.open.keepKeymap();
  props.open.keepHabits();
  version.value++;
}

function keep(value: string) {
  core.settings.set({ id: 'report.keep', value });
  props.open.keepHabits();
  version.value++;
}

async function erase() {
  told.value = (await props.open.report.erase()) ?? say('report-view.everything-that-was-counted-is-gone');
  version.value++;
}
</script>

<template>
  <div class="report" tabindex="0" role="region" :aria-label="say('report-view.hand-report')" data-report>
    <section v-if="state.advice.length" class="advice" :aria-label="say('report-view.what-would-help')">
      <h3 class="heading">{{ say('report-view.what-would-help') }}</h3>
      <p v-for="a in state.advice" :key="a.id" :data-advice="a.id">
        <span class="lozenge on" /> <span class="words">{{ a.words }}</span>
        <el-button size="small" @click="follow(a.id)">{{ a.deed }}</el-button>
      </p>
    </section>
    <p v-if="told" class="quiet" role="status" data-report-told>{{ told }}</p>
    <p v-if="!state.on" class="quiet">
      {{
        say('report-view.nothing-is-counted-now', state.uses ? say('report-view.what-was-counted-before-is-kept') : '')
      }}
    </p>
    <p v-else-if="!state.uses" class="quiet">
      {{ say('report-view.nothing-has-been-counted-yet-work') }}
    </p>
    <div class="tables">
      <section v-if="state.used.length">
        <h3 class="heading">{{ say('report-view.triggers-by-use') }}</h3>
        <table>
          <tr v-for="u in state.used" :key="u.trigger + u.words">
            <th scope="row">
              <kbd>{{ u.trigger }}</kbd>
            </th>
            <td>{{ u.words }}</td>
            <td class="numbers count">{{ u.count }}</td>
            <td class="bar"><span :style="{ width: `${u.part * 100}%` }" /></td>
          </tr>
        </table>
      </section>
      <div class="beside">
        <section v-if="state.back.length">
          <h3 class="heading">{{ say('report-view.taken-back-at-once') }}</h3>
          <table>
            <tr v-for="b in state.back" :key="b.words">
              <th scope="row">{{ b.words }}</th>
              <td class="numbers count">{{ say('report-view.of', b.count, b.of) }}</td>
            </tr>
          </table>
        </section>
        <section v-if="state.page.length">
          <h3 class="heading">{{ say('report-view.run-from-the-page') }}</h3>
          <table>
            <tr v-for="p in state.page" :key="p.words">
              <th scope="row">{{ p.words }}</th>
              <td class="numbers count">{{ p.count }}</td>
              <td>
                <kbd v-if="p.trigger">{{ p.trigger }}</kbd><span v-else class="quiet">{{
                  say('report-view.no-trigger')
                }}</span>
              </td>
            </tr>
          </table>
        </section>
      </div>
    </div>
    <footer>
      <span class="quiet">{{ say('report-view.uses-counted-since-kept', state.uses, state.since) }}</span>
      <select
        :value="kept?.value"
        :aria-label="say('report-view.where-the-counts-are-kept')"
        data-report-where
        @change="keep(($event.target as HTMLSelectElement).value)"
      >
        <option v-for="c in kept?.choices" :key="c.id" :value="c.id">{{ c.label }}</option>
      </select>
      <button class="plain" data-report-erase @click="erase">{{ say('report-view.erase') }}</button>
    </footer>
  </div>
</template>

<style scoped>
.report {
  overflow: auto;
  padding-right: 12px;
  display: flex;
  flex-direction: column;
  gap: 18px;
}
.advice {
  display: grid;
  gap: 8px;
}
.advice p {
  display: flex;
  gap: 12px;
  align-items: center;
}
.words {
  flex: 1;
  max-width: 76ch;
}
.tables {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 22px 30px;
}
.beside {
  display: grid;
  gap: 22px;
  align-content: start;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}
th {
  font-weight: 400;
  text-align: left;
}
th,
td {
  padding: 4px 10px 4px 0;
  vertical-align: baseline;
}
.count {
  text-align: right;
  white-space: nowrap;
}
.bar {
  width: 22%;
}
.bar span {
  display: block;
  height: 7px;
  background: var(--accent);
  min-width: 2px;
}
footer {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 13px;
  margin-top: auto;
}
select {
  background: var(--panel);
  color: var(--text);
  border: 0;
  border-bottom: 1px solid var(--line);
  padding: 3px 0;
  font: inherit;
}
</style>
