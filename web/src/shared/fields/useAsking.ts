import { ref } from 'vue';

/** A form that sends something: whether it is on its way, and what came of it in words. */
export function useAsking() {
  const busy = ref(false);
  const wrong = ref('');
  const done = ref('');

  async function ask(what: () => Promise<string>) {
    if (busy.value) return;
    busy.value = true;
    wrong.value = done.value = '';
    try {
      done.value = await what();
    } catch (e) {
      wrong.value = (e as Error).message;
    } finally {
      busy.value = false;
    }
  }

  return { busy, wrong, done, ask };
}
