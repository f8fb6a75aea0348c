import type { components, operations } from '#api';
import type { Plain } from '../core';
import type { Chosen } from './chosen';
import { send, tell, upload } from './http';
import { address, answer, client } from './request';

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

/** What is to be in a file, and how. */
export type ExportQuery = NonNullable<operations['GET /api/scenes/{id}/export']['parameters']['query']>;
/** One of the paths that keep documents: all take and answer the same, so that one stands for them to the compiler. */
type KeptPath = '/api/habits';

export const api = {
  start: () => answer(client.GET('/api/start')),
  signIn: (name: string, password: string) => answer(client.POST('/api/session', { body: { name, password } })),
  signOut: () => answer(client.DELETE('/api/session')),
  firstAccount: (name: string, password: string) =>
    answer(client.POST('/api/first-account', { body: { name, password } })),
  signUp: (name: string, password: string) => answer(client.POST('/api/accounts', { body: { name, password } })),
  places: () => answer(client.GET('/api/account/sessions')),
  endPlace: (id: string) => answer(client.DELETE('/api/account/sessions/{id}', { params: { path: { id } } })),
  endOtherPlaces: () => answer(client.DELETE('/api/account/sessions')),
  changePassword: (password: string, next: string) =>
    answer(client.PUT('/api/account/password', { body: { password, next } })),
  rename: (password: string, name: string) => answer(client.PUT('/api/account/name', { body: { password, name } })),
  dataAddress: () => '/api/account/data',
  /** Brings back what was saved as one file. */
  bringData: (file: File, settings: boolean, progress: (part: number) => void, stop: (abort: () => void) => void) =>
    upload<Told['CameBack']>(`/api/account/data?settings=${settings}`, file, progress, stop),
  removeAccount: (password: string) => answer(client.POST('/api/account/remove', { body: { password } })),
  drills: () => answer(client.GET('/api/drills')),
  /** Drills of one's own in a scene. */
  ownDrills: (id: string) => answer(client.GET('/api/scenes/{id}/drills', { params: { path: { id } } })),
  addDrill: (id: string, drill: Told['NewDrill']) =>
    answer(client.POST('/api/scenes/{id}/drills', { params: { path: { id } }, body: drill })),
  removeDrill: (id: string, drill: string) =>
    answer(client.DELETE('/api/scenes/{id}/drills/{drill}', { params: { path: { id, drill } } })),
  /** Has a run done again, so that it counts. */
  drillRun: (id: string, scene: string, seconds: number, log: Plain) =>
    answer(client.POST('/api/drills/{id}/runs', { params: { path: { id } }, body: { scene, seconds, log } })),
  scenes: () => answer(client.GET('/api/scenes')),
  scene: (id: string) => answer(client.GET('/api/scenes/{id}', { params: { path: { id } } })),
  removeScene: (id: string) => answer(client.DELETE('/api/scenes/{id}', { params: { path: { id } } })),
  /** What an export would be, by the same query. */
  exportPreview: (id: string, query: ExportQuery) =>
    answer(client.GET('/api/scenes/{id}/export/preview', { params: { path: { id }, query } })),
  exportAddress: (id: string, query: ExportQuery) => address('/api/scenes/{id}/export', { id }, query),
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
    return upload<NewerReport>(address('/api/scenes/{id}/file', { id }), form, progress, stop);
  },
  acceptNewer: (id: string) => answer(client.POST('/api/scenes/{id}/file/accept', { params: { path: { id } } })),
  discardNewer: (id: string) => answer(client.DELETE('/api/scenes/{id}/file', { params: { path: { id } } })),
  /** Undoes the step at which another file came, or does it again. */
  overFile: (id: string, again: boolean) =>
    answer(
      client.POST(again ? '/api/scenes/{id}/file/redo' : '/api/scenes/{id}/file/undo', { params: { path: { id } } }),
    ),
  earlierFiles: (id: string) => answer(client.GET('/api/scenes/{id}/files', { params: { path: { id } } })),
  bringBackFile: (id: string, number: number) =>
    answer(client.POST('/api/scenes/{id}/files/{number}/back', { params: { path: { id, number } } })),
  importProgress: (job: string) => answer(client.GET('/api/imports/{job}', { params: { path: { job } } })),
  cancelImport: (job: string) => answer(client.DELETE('/api/imports/{job}', { params: { path: { job } } })),
  restoreScene: (id: string) => answer(client.POST('/api/scenes/{id}/restore', { params: { path: { id } } })),
  copyScene: (id: string) => answer(client.POST('/api/scenes/{id}/copy', { params: { path: { id } } })),
  /** What is null stays. */
  changeScene: (id: string, change: Partial<Told['Change']>) =>
    answer(
      client.PATCH('/api/scenes/{id}', {
        params: { path: { id } },
        body: { name: null, upAxis: null, unit: null, ...change },
      }),
    ),
  /** How large a scene would be in each unit, in words. */
  sizes: (id: string) => answer(client.GET('/api/scenes/{id}/sizes', { params: { path: { id } } })),
  /** Which of the chosen files belong together in an upload. */
  bundles: (files: string[]) => answer(client.POST('/api/scenes/bundles', { body: { files } })),
  /** A picture of a scene with one axis or the other upwards. */
  coverAddress: (id: string, up: string) => address('/api/scenes/{id}/cover', { id }, { up }),
  /** Keeps how a scene was seen last, also from a page that is being closed. */
  keepCover: (id: string, picture: Blob) => send('PUT', address('/api/scenes/{id}/cover', { id }), picture),
  addScene: (files: Chosen[], job: string, progress: (part: number) => void, stop: (abort: () => void) => void) => {
    const form = new FormData();
    for (const f of files) form.append('file', f.file, f.path);
    form.append('import', job);
    return upload<SceneDetail>('/api/scenes', form, progress, stop);
  },
  /** Brings a PNG or JPEG picture behind the views of a scene. */
  addPicture: (id: string, file: File) => {
    const form = new FormData();
    form.append('file', file, file.name);
    return upload<Told['Brought']>(
      address('/api/scenes/{id}/pictures', { id }),
      form,
      () => undefined,
      () => undefined,
    );
  },
  versions: (id: string) => answer(client.GET('/api/scenes/{id}/versions', { params: { path: { id } } })),
  keepVersion: (id: string, name: string, body: Plain) =>
    answer(client.POST('/api/scenes/{id}/versions', { params: { path: { id } }, body: { name, body } })),
  version: (id: string, seq: number) =>
    answer(client.GET('/api/scenes/{id}/versions/{seq}', { params: { path: { id, seq } } })),
  removeVersion: (id: string, seq: number) =>
    answer(client.DELETE('/api/scenes/{id}/versions/{seq}', { params: { path: { id, seq } } })),
  /** Says that this window has a scene open; answered with how many others have. */
  windowHere: (id: string, window: string, hidden: boolean) =>
    answer(client.PUT('/api/scenes/{id}/windows/{window}', { params: { path: { id, window } }, body: { hidden } })),
  windowGone: (id: string, window: string) =>
    tell('DELETE', address('/api/scenes/{id}/windows/{window}', { id, window })),
  /** A keymap as one page of A4, with what the user's own layout prints on its keys. */
  keymapSheet: (keymap: Plain, layout: Plain) =>
    client.POST('/api/keymaps/sheet', { body: { keymap, layout }, parseAs: 'blob' }).then((sheet) => sheet.data!),
  /** What is kept at one of the paths that keep documents: all answer in the same way. */
  kept: (path: string) => answer(client.GET(path as KeptPath)),
  keep: (path: string, version: number, body: Plain) =>
    answer(client.PUT(path as KeptPath, { body: { version, body } })),
};
