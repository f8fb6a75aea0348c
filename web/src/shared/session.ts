import { defineStore } from 'pinia';
import { api } from '../api/api';

/** Who is signed in. */
export const useSession = defineStore('session', {
  state: () => ({ name: null as string | null, asked: false, firstAccountWanted: false, signUpOffered: false }),
  actions: {
    async ask() {
      try {
        const start = await api.start();
        this.name = start.name;
        this.firstAccountWanted = start.firstAccountWanted;
        this.signUpOffered = start.signUp;
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
    async signUp(name: string, password: string) {
      this.name = (await api.signUp(name, password)).name;
    },
    async rename(name: string, password: string) {
      this.name = (await api.rename(password, name)).name;
    },
    async remove(password: string) {
      await api.removeAccount(password);
      this.name = null;
      // Where it was the only one, the next account is the first again.
      await this.ask();
    },
    async signOut() {
      await api.signOut();
      this.name = null;
    },
  },
});
