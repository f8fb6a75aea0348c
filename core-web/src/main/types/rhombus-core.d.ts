/** The core, compiled for the browser. Points are CSS pixels on the stage, times milliseconds. */
export type Vec = [number, number, number];
export interface Rect { x: number; y: number; width: number; height: number }
export interface View {
  id: string; number: number; title: string; lens: string;
  direction: 'front' | 'back' | 'left' | 'right' | 'top' | 'bottom' | 'free';
  projection: 'perspective' | 'orthographic';
  /** Names the viewport among all there have been since the page was opened; its words for a picture. */
  key: string; caption: string;
  display: string; displayLabel: string; overlays: { id: string; label: string; on: boolean }[];
  eye: Vec; forward: Vec; up: Vec; focusDistance: number;
  fovY: number | null; extent: number | null; near: number; far: number;
  rect: Rect; shown: boolean; active: boolean; solo: boolean; camera: string | null;
  crop: { scale: number; x: number; y: number } | null; walking: 'walk' | 'fly' | null;
}
/** An object as lists show it. */
export interface Listed {
  id: string; name: string; kind: 'mesh' | 'group' | 'camera' | 'light' | 'picture';
  /** `visible` and `locked` are its own switches; `shown` is what comes of them, its parents' and its layer's. */
  parent: string | null; layer: string | null; visible: boolean; shown: boolean; locked: boolean;
}
export interface SceneObject extends Listed {
  triangles: number;
  bounds: { min: Vec; max: Vec } | null;
}
export interface SceneState { name: string; upAxis: 'Y' | 'Z'; objects: SceneObject[] }
export interface Pivot { point: Vec; rung: string; reason: string }
/** `name` names the entry at which the viewport rests. */
export interface TrailState { index: number; length: number; name?: number }
export interface Hint { trigger: string; words: string; does?: string; command?: string; bindings?: string[] }
export interface Notice { text: string; label?: string; command?: string }
export interface Readout {
  view?: string; title?: string; rows?: { label: string; value: string }[]; fields?: Field[];
  pivot?: Pivot; pinned?: Field[]; undo?: string; redo?: string; tool?: ToolState; components?: string;
  ladder?: { rungs: { id: string; label: string; on: boolean }[]; presets: string[]; preset?: string };
  isolated?: boolean; solo?: boolean; clearDeck?: boolean; trail?: TrailState;
  selection?: Selected;
}
/** A number that can be copied and typed: what is typed goes to `command` under `key`. */
export interface Field { command: string; key: string; label: string; text: string; short?: string; axis?: 'x' | 'y' | 'z' }
export interface ToolState { tool?: string; last: string; axes: string; about: string; snap: string; typed: string }
export interface Selected {
  name: string; kind: string; last: string; object: string; size: string; place: Vec; triangles: number;
  places: Field[]; pivot: Field[]; turns: Field[]; scales: Field[]; shape?: Field[]; parts?: string; locked?: boolean; group?: boolean;
}
export interface Layer { id: string; name: string; visible: boolean; locked: boolean; objects: number }
export interface History { edits: string[]; done: number }
/** A part of a tool that can be dragged. */
export interface Handle {
  id: string; sort: 'arm' | 'plane' | 'ring' | 'centre'; axis?: 'x' | 'y' | 'z'; points: number[]; lit: boolean; words: string;
}
export interface Plan { shown: boolean; surfaces: boolean; edges: 'none' | 'lines' | 'on_surface'; flat: boolean; grid: boolean; outline: boolean }
export interface Marks {
  pivot?: { x: number; y: number; pinned: boolean };
  handles: Handle[];
  /** Lights and cameras; what a click would take; a rectangle that is drawn; selected vertices, edges and faces. */
  icons: { object: string; kind: string; x: number; y: number; selected: boolean; locked: boolean }[];
  hover?: { name: string; object: string; hull: number[]; x?: number; y?: number };
  marquee?: { x: number; y: number; width: number; height: number; inside: boolean; words: string };
  parts: { sort: string; points: number[] }[];
  /** The pivot point of the object selected last, where no tool stands on it. */
  own?: { x: number; y: number };
  /** Where a selection out of view is; whether the viewport shows nothing. */
  beacon?: { x: number; y: number; angle: number; name: string; distance: string };
  empty?: boolean;
  facet?: Facet;
  grips: Grip[];
  walk?: { x: number; y: number; before: boolean; locked: boolean; speed: string; words: string };
  ring?: { x: number; y: number; radius: number };
  refused?: { x: number; y: number };
  /** Coordinates that linked viewports share, while one of them moves. */
  lines: { axis: 'x' | 'y' | 'z'; upright: boolean; at: number; words: string }[];
}
/** A viewport, or a row or column of parts. */
export interface Part { view?: string; row?: Part[]; column?: Part[]; shares?: number[] }
export interface BoardTab { id: string; name: string; on: boolean; linked: boolean; passing: boolean; parts: Part }
export interface Border {
  id: string; upright?: boolean; crossing?: boolean; part?: number; x: number; y: number; width: number; height: number;
}
export interface Boards {
  tabs: BoardTab[]; borders: Border[]; templates: { id: string; label: string; parts: Part }[]; undo?: string;
}
export interface Pin { id: string; name: string; board: boolean; picture?: string }
/** What a viewport can be made to look from. */
export interface Choice { id: string; label: string; note?: string; command: string; args: Plain; on: boolean }
/** Where a viewport goes in a snapshot: `line` is the height of its caption, `ratio` pixels for a CSS pixel. */
export interface ShotPlace {
  number: number; caption: string; x: number; y: number; width: number; height: number; below: boolean; line: number; ratio: number;
}
export interface TrailEntry { name: number; on: boolean; words: string; lens: string }
/** The Facet as it is seen: the square in the viewport that holds it, and points from that square's corner. */
export interface Facet {
  left: number; top: number; size: number;
  x: number; y: number; radius: number; ring: number; roll: number; here: string; home: boolean;
  faces: { name: string; points: number[]; light: number; lit: boolean }[];
  corners: { name: string; x: number; y: number; axis?: 'x' | 'y' | 'z'; positive: boolean; lit: boolean }[];
  lit?: string; words?: string;
}
/** A lozenge to drag. */
export interface Grip {
  motion: string; words: string; x: number; y: number; width: number; height: number; lit: boolean; pad: boolean;
}
export interface Habit {
  id: string; group: string; words: string; sentence: string; value: string | number | boolean; changed: boolean;
  choices: { id: string; label: string }[]; least: number; most: number; step: number; unit: string;
}
export interface Material {
  id: number; color: [number, number, number, number]; blend: boolean; cutoff: number;
  image?: { id: number; type: string; start: number; length: number };
}
export interface KeyBinding {
  id: string; group: string; words: string; needs: string; where: string; special: boolean; trigger?: string; changed: boolean;
}
export interface KeysPage {
  name: string; preset: string; presets: { id: string; name: string }[]; changed: number; missing: string[];
  canUndo: boolean; bindings: KeyBinding[];
}
export interface Captured { words: string; refused?: string; clash?: string; canSwap: boolean; notes: string[] }
export type Plain = { [key: string]: unknown };

export function reset(): void;
export function openScene(glb: ArrayBuffer, title: string): void;
export function attachEdges(file: ArrayBuffer): void;
export function attachHierarchies(file: ArrayBuffer): void;
export function meshCount(): number;
export function positions(mesh: number): Float32Array<ArrayBuffer>;
export function attribute(mesh: number, name: string, size: number): Float32Array<ArrayBuffer> | null;
export function indices(mesh: number): Int32Array<ArrayBuffer>;
export function edgeVertices(mesh: number): Int32Array<ArrayBuffer> | null;
export function edgeStrength(mesh: number): Int8Array<ArrayBuffer> | null;
export function sides(mesh: number): Int8Array<ArrayBuffer> | null;
export function material(mesh: number): Material;
export function ball(mesh: number): [number, number, number, number];
export function drawn(): Int32Array;
export function shown(): Int8Array;
export function placement(node: number, mesh: number): Float64Array;

export function resize(width: number, height: number): void;
export function pointer(x: number, y: number, buttons: number, modifiers: number, pen: boolean, time: number): void;
export function touchDown(id: number, x: number, y: number, time: number): void;
export function touchMove(id: number, x: number, y: number, time: number): void;
export function touchUp(id: number, x: number, y: number, lost: boolean, time: number): void;
export function locked(on: boolean): void;
/** Whether the pointer should be held: 0 no, 1 when it comes to the edge of what it can reach, 2 at once. */
export function lockWanted(): 0 | 1 | 2;
export function pointerLeft(): void;
export function wheel(x: number, y: number, deltaX: number, deltaY: number, deltaMode: number, modifiers: number, time: number): boolean;
export function keyDown(code: string, modifiers: number, repeat: boolean, time: number): boolean;
export function keyUp(code: string, modifiers: number, time: number): boolean;
export function blur(): void;
export function command(id: string, args: Plain, view: string | null, time: number): boolean;
export function tick(time: number): void;
export function animating(): boolean;
export function reduceMotion(reduce: boolean): void;

/** Bits: 0-15 viewports to draw, 16 layout, 17 selection, 18 scene, 19 readout, 20 notices, 21 keep, 22 keymap, 23 application, 24 captions, 25 habits, 26 boards to keep, 27 Pins, 28 Pins to keep, 29 which objects there are and are shown, 30 edits to keep. */
export function takeChanges(): number;
export function takeMoved(): Int32Array;
export function takeNotices(): Notice[];
export function takeApplication(): { command: string; args: Plain }[];

export function matrices(view: number): Float64Array;
export function plan(view: number): Plan;
export function displayModes(): { id: string; label: string }[];
export function standardDirections(): { id: string; label: string }[];
export function edges(view: number): Int32Array;
export function grid(view: number): Float32Array<ArrayBuffer>;
export function marks(view: number): Marks;

export function views(): View[];
export function scene(): SceneState;
export function objects(): Listed[];
export function selection(): string[];
export function selectedNodes(last: boolean): Int32Array;
export function pivot(view: string): Pivot | null;
export function trail(view: string): TrailState | null;
export function readout(): Readout;
export function hints(): Hint[];
export function project(view: string, point: number[]): Vec | null;
export function pick(view: string, x: number, y: number): { object: string; name: string; point: Vec; distance: number } | null;
export function workspace(): Plain;
export function restore(workspace: Plain): void;

export function keepEdits(): Plain;
export function useEdits(stored: Plain): string | null;
export function bringBack(title: string, stored: Plain): string | null;
export function history(): History;
export function layers(): Layer[];
export function shapes(): { id: string; label: string }[];

export function boards(): Boards;
export function keepBoards(): Plain;
export function useBoards(stored: Plain): string | null;
export function pins(): Pin[];
export function keepPins(): Plain;
export function keepPin(pin: string): Plain | null;
export function usePins(stored: Plain): string | null;
export function bringPins(file: Plain): string | null;
export function pinPicture(pin: string, dataUrl: string): void;
export function address(): Plain;
export function openAddress(address: Plain): string | null;
export function choices(view: string): Choice[];
export function trailEntries(view: string): TrailEntry[];
export function wholeMatrices(view: number, aspect: number): Float64Array;
export function shotPlaces(sort: 'view' | 'board' | 'sheet', width: number, height: number): ShotPlace[];
export function pictureMatrices(view: string, choice: string, trail: number, aspect: number): Float64Array | null;

export function buildHierarchy(positions: Float32Array, triangles: Int32Array): void;
export function frameHierarchy(everyVertex: boolean, yaw: number, pitch: number): Vec;
export function castRays(rays: Float64Array, out: Float64Array): void;

export function layout(names: Plain): void;
export function keymap(): Plain;
export function useKeymap(stored: Plain): string | null;
export function keysPage(): KeysPage;
export function capture(on: boolean): void;
export function captured(binding: string): Captured | null;
export function rebind(how: 'set' | 'swap' | 'replace'): void;
export function resetBinding(binding: string): void;
export function usePreset(preset: string): void;
export function undoKeymap(): boolean;

export function habits(): Plain;
export function useHabits(stored: Plain): void;
export function habitsPage(): Habit[];
export function setHabit(change: { id: string; value?: string | number | boolean }): void;
