import { defineStore } from 'pinia';
import { api } from '../api/api';

/** Who is signed in. */
export const useSession = defineStore('session', {
  state: () => ({ name: null as string | null, asked: false, firstAccountWanted: false }),
  actions: {
    async ask() {
      try {
        const start = await api.start();
        this.name = start.name;
        this.firstAccountWanted = start.firstAccountWanted;
      } finally {
        this.asked = true;
      }
    },
    async signIn(name: string, password: string) {
      this.name = (await api.signIn(name, password)).name;
    },
    async firstAccount(name: string, password: string) {
      this.name = (await api.firstAccount(name, password)).name;
      this.firstAccountWanted = false;
    },
    async signOut() {
      await api.signOut();
      this.name = null;
    },
  },
});
