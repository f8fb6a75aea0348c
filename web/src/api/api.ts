import type { Plain } from '../core';
import { ask, tell, upload } from './http';

export interface SceneFile {
  size: number;
  href: string;
}
export interface SceneEntry {
  id: string;
  name: string;
  triangles: number;
  objects: number;
  notes: string[];
  createdAt: string;
  openedAt: string | null;
}
export interface SceneDetail extends SceneEntry {
  geometry: SceneFile;
  edges: SceneFile;
  hierarchy: SceneFile;
}
export interface Version {
  id: number;
  name: string;
  automatic: boolean;
  createdAt: string;
}
export interface Kept {
  version: number;
  body: Plain | null;
}

export const api = {
  start: () => ask<{ name: string | null; firstAccountWanted: boolean }>('GET', '/api/start'),
  signIn: (name: string, password: string) => ask<{ name: string }>('POST', '/api/session', { name, password }),
  signOut: () => ask<void>('DELETE', '/api/session'),
  firstAccount: (name: string, password: string) =>
    ask<{ name: string }>('POST', '/api/first-account', { name, password }),
  scenes: () => ask<SceneEntry[]>('GET', '/api/scenes'),
  scene: (id: string) => ask<SceneDetail>('GET', `/api/scenes/${encodeURIComponent(id)}`),
  removeScene: (id: string) => ask<void>('DELETE', `/api/scenes/${encodeURIComponent(id)}`),
  importProgress: (job: string) => ask<{ words: string; part: number }>('GET', `/api/imports/${job}`),
  cancelImport: (job: string) => ask<void>('DELETE', `/api/imports/${job}`),
  addScene: (files: File[], job: string, progress: (part: number) => void, stop: (abort: () => void) => void) => {
    const form = new FormData();
    for (const f of files) form.append('file', f, f.name);
    form.append('import', job);
    return upload<SceneDetail>('/api/scenes', form, progress, stop);
  },
  versions: (scene: string) => ask<Version[]>('GET', `/api/scenes/${encodeURIComponent(scene)}/versions`),
  keepVersion: (scene: string, name: string, body: Plain) =>
    ask<Version[]>('POST', `/api/scenes/${encodeURIComponent(scene)}/versions`, { name, body }),
  version: (scene: string, id: number) =>
    ask<{ body: Plain }>('GET', `/api/scenes/${encodeURIComponent(scene)}/versions/${id}`),
  removeVersion: (scene: string, id: number) =>
    ask<void>('DELETE', `/api/scenes/${encodeURIComponent(scene)}/versions/${id}`),
  /** Says that this window has a scene open; answered with how many others have. */
  windowHere: (scene: string, id: string, hidden: boolean) =>
    ask<{ others: number }>('PUT', `/api/scenes/${encodeURIComponent(scene)}/windows/${id}`, { hidden }),
  windowGone: (scene: string, id: string) => tell('DELETE', `/api/scenes/${encodeURIComponent(scene)}/windows/${id}`),
  kept: (path: string) => ask<Kept>('GET', path),
  keep: (path: string, version: number, body: Plain) => ask<{ version: number }>('PUT', path, { version, body }),
};
