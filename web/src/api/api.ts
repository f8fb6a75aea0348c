import type { components } from '#api';
import type { Plain } from '../core';
import type { Chosen } from './chosen';
import { ask, make, send, tell, upload } from './http';
import { address, request } from './request';

type Told = components['schemas'];
export type SceneEntry = Told['SceneEntry'];
export type SceneDetail = Told['SceneDetail'];
export type ExportPreview = Told['Preview'];
export type NewerReport = Told['Report'];
export type EarlierFile = Told['Earlier'];
export type SignedInPlace = Told['Place'];
export type Bundle = Told['Bundle'];
export type DrillListed = Told['DrillListed'];
export type OwnDrill = Told['OwnListed'];
export type DrillScore = Told['Counted'];
export type Version = Told['Version'];
export type Kept = Told['Loaded'];

export const api = {
  start: () => request('get', '/api/start', {}),
  signIn: (name: string, password: string) => request('post', '/api/session', {}, { name, password }),
  signOut: () => request('delete', '/api/session', {}),
  firstAccount: (name: string, password: string) => request('post', '/api/first-account', {}, { name, password }),
  signUp: (name: string, password: string) => request('post', '/api/accounts', {}, { name, password }),
  places: () => request('get', '/api/account/sessions', {}),
  endPlace: (id: string) => request('delete', '/api/account/sessions/{id}', { id }),
  endOtherPlaces: () => request('delete', '/api/account/sessions', {}),
  changePassword: (password: string, next: string) => request('put', '/api/account/password', {}, { password, next }),
  rename: (password: string, name: string) => request('put', '/api/account/name', {}, { password, name }),
  dataAddress: () => address('get', '/api/account/data', {}),
  /** Brings back what was saved as one file. */
  bringData: (file: File, settings: boolean, progress: (part: number) => void, stop: (abort: () => void) => void) =>
    upload<Told['CameBack']>(`${address('post', '/api/account/data', {})}?settings=${settings}`, file, progress, stop),
  removeAccount: (password: string) => request('post', '/api/account/remove', {}, { password }),
  drills: () => request('get', '/api/drills', {}),
  /** Drills of one's own in a scene. */
  ownDrills: (id: string) => request('get', '/api/scenes/{id}/drills', { id }),
  addDrill: (id: string, drill: Told['NewDrill']) => request('post', '/api/scenes/{id}/drills', { id }, drill),
  removeDrill: (id: string, drill: string) => request('delete', '/api/scenes/{id}/drills/{drill}', { id, drill }),
  /** Has a run done again, so that it counts. */
  drillRun: (id: string, scene: string, seconds: number, log: Plain) =>
    request('post', '/api/drills/{id}/runs', { id }, { scene, seconds, log }),
  scenes: () => request('get', '/api/scenes', {}),
  scene: (id: string) => request('get', '/api/scenes/{id}', { id }),
  removeScene: (id: string) => request('delete', '/api/scenes/{id}', { id }),
  /** What an export would be, by the same query. */
  exportPreview: (id: string, query: string) =>
    ask<ExportPreview>('GET', `${address('get', '/api/scenes/{id}/export/preview', { id })}?${query}`),
  exportAddress: (id: string, query: string) => `${address('get', '/api/scenes/{id}/export', { id })}?${query}`,
  /** Sends a newer file of a scene; it takes no place before it is accepted. */
  newerFile: (
    id: string,
    files: Chosen[],
    job: string,
    progress: (part: number) => void,
    stop: (abort: () => void) => void,
  ) => {
    const form = new FormData();
    for (const f of files) form.append('file', f.file, f.path);
    form.append('import', job);
    return upload<NewerReport>(address('post', '/api/scenes/{id}/file', { id }), form, progress, stop);
  },
  acceptNewer: (id: string) => request('post', '/api/scenes/{id}/file/accept', { id }),
  discardNewer: (id: string) => request('delete', '/api/scenes/{id}/file', { id }),
  /** Undoes the step at which another file came, or does it again. */
  overFile: (id: string, again: boolean) =>
    request('post', again ? '/api/scenes/{id}/file/redo' : '/api/scenes/{id}/file/undo', { id }),
  earlierFiles: (id: string) => request('get', '/api/scenes/{id}/files', { id }),
  bringBackFile: (id: string, number: number) =>
    request('post', '/api/scenes/{id}/files/{number}/back', { id, number }),
  importProgress: (job: string) => request('get', '/api/imports/{job}', { job }),
  cancelImport: (job: string) => request('delete', '/api/imports/{job}', { job }),
  restoreScene: (id: string) => request('post', '/api/scenes/{id}/restore', { id }),
  copyScene: (id: string) => request('post', '/api/scenes/{id}/copy', { id }),
  /** What is null stays. */
  changeScene: (id: string, change: Partial<Told['Change']>) =>
    request('patch', '/api/scenes/{id}', { id }, { name: null, upAxis: null, unit: null, ...change }),
  /** How large a scene would be in each unit, in words. */
  sizes: (id: string) => request('get', '/api/scenes/{id}/sizes', { id }),
  /** Which of the chosen files belong together in an upload. */
  bundles: (files: string[]) => request('post', '/api/scenes/bundles', {}, { files }),
  /** A picture of a scene with one axis or the other upwards. */
  coverAddress: (id: string, up: string) => `${address('get', '/api/scenes/{id}/cover', { id })}?up=${up}`,
  /** Keeps how a scene was seen last, also from a page that is being closed. */
  keepCover: (id: string, picture: Blob) => send('PUT', address('put', '/api/scenes/{id}/cover', { id }), picture),
  addScene: (files: Chosen[], job: string, progress: (part: number) => void, stop: (abort: () => void) => void) => {
    const form = new FormData();
    for (const f of files) form.append('file', f.file, f.path);
    form.append('import', job);
    return upload<SceneDetail>(address('post', '/api/scenes', {}), form, progress, stop);
  },
  /** Brings a PNG or JPEG picture behind the views of a scene. */
  addPicture: (id: string, file: File) => {
    const form = new FormData();
    form.append('file', file, file.name);
    return upload<Told['Brought']>(
      address('post', '/api/scenes/{id}/pictures', { id }),
      form,
      () => undefined,
      () => undefined,
    );
  },
  versions: (id: string) => request('get', '/api/scenes/{id}/versions', { id }),
  keepVersion: (id: string, name: string, body: Plain) =>
    request('post', '/api/scenes/{id}/versions', { id }, { name, body }),
  version: (id: string, seq: number) => request('get', '/api/scenes/{id}/versions/{seq}', { id, seq }),
  removeVersion: (id: string, seq: number) => request('delete', '/api/scenes/{id}/versions/{seq}', { id, seq }),
  /** Says that this window has a scene open; answered with how many others have. */
  windowHere: (id: string, window: string, hidden: boolean) =>
    request('put', '/api/scenes/{id}/windows/{window}', { id, window }, { hidden }),
  windowGone: (id: string, window: string) =>
    tell('DELETE', address('delete', '/api/scenes/{id}/windows/{window}', { id, window })),
  /** A keymap as one page of A4, with what the user's own layout prints on its keys. */
  keymapSheet: (keymap: Plain, layout: Plain) =>
    make(address('post', '/api/keymaps/sheet', {}), { keymap, layout } satisfies Told['Sheet']),
  /** What is kept at one of the paths that keep documents: all answer in the same way. */
  kept: (path: string) => ask<Kept>('GET', path),
  keep: (path: string, version: number, body: Plain) =>
    ask<Told['Saved']>('PUT', path, { version, body } satisfies Told['Save']),
};
