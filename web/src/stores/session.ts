import { defineStore } from 'pinia';
import { api } from '../api/api';
import { Failure } from '../api/http';

/** Who is signed in. */
export const useSession = defineStore('session', {
  state: () => ({ name: null as string | null, asked: false }),
  actions: {
    async ask() {
      try {
        this.name = (await api.who()).name;
      } catch (e) {
        if (!(e instanceof Failure) || e.status !== 401) throw e;
        this.name = null;
      } finally {
        this.asked = true;
      }
    },
    async signIn(name: string, password: string) {
      this.name = (await api.signIn(name, password)).name;
    },
    async firstAccount(name: string, password: string) {
      this.name = (await api.firstAccount(name, password)).name;
    },
    async signOut() {
      await api.signOut();
      this.name = null;
    },
  },
});
