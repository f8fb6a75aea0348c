import type { Component } from 'vue';
import BenchPanel from '../features/bench/BenchPanel.vue';
import GuideDialog from '../features/guide/GuideDialog.vue';
import GlossaryDialog from '../features/glossary/GlossaryDialog.vue';
import DrillBar from '../features/drills/DrillBar.vue';
import MakeBar from '../features/drills/MakeBar.vue';
import DrillsDialog from '../features/drills/DrillsDialog.vue';
import FindDialog from '../features/find/FindDialog.vue';
import HabitsDialog from '../features/habits/HabitsDialog.vue';
import HintsLine from '../features/hints/HintsLine.vue';
import VersionsDialog from '../features/history/VersionsDialog.vue';
import KeysDialog from '../features/keys/KeysDialog.vue';
import TrialBar from '../features/keys/TrialBar.vue';
import NewerDialog from '../features/newer/NewerDialog.vue';
import ReadoutDrawer from '../features/readout/ReadoutDrawer.vue';
import SceneDrawer from './SceneDrawer.vue';
import SaveDialog from '../features/save/SaveDialog.vue';
import ShotsDialog from '../features/shots/ShotsDialog.vue';
import SnapshotDialog from '../features/snapshot/SnapshotDialog.vue';
import TrailStrip from '../features/trail/TrailStrip.vue';

/** A panel of the stage. Each gets the open scene as `open`, and a dialog whether it is shown as its model. */
export interface Panel {
  name: string;
  /** Opens a dialog, and shows or hides what has a place of its own. */
  command?: string;
  place: 'left' | 'right' | 'low' | 'dialog';
  /** Whether it is there at first. */
  shown?: boolean;
  /** Whether it has a field that takes keys as soon as it opens. */
  field?: boolean;
  /** Whether it stays when everything but the viewports is hidden. */
  stays?: boolean;
  component: Component;
}

/** All panels; the page places what is listed here. */
export const PANELS: readonly Panel[] = [
  { name: 'scene', place: 'left', shown: true, component: SceneDrawer },
  { name: 'readout', place: 'right', shown: true, component: ReadoutDrawer },
  { name: 'trail', command: 'app.trail', place: 'low', stays: true, component: TrailStrip },
  { name: 'hints', command: 'app.hints', place: 'low', shown: true, component: HintsLine },
  { name: 'bench', command: 'app.bench', place: 'low', stays: true, component: BenchPanel },
  { name: 'drill', place: 'low', shown: true, stays: true, component: DrillBar },
  { name: 'making', place: 'low', shown: true, stays: true, component: MakeBar },
  { name: 'drills', command: 'app.drills', place: 'dialog', component: DrillsDialog },
  { name: 'trial', place: 'low', shown: true, stays: true, component: TrialBar },
  { name: 'keys', command: 'app.keys', place: 'dialog', field: true, component: KeysDialog },
  { name: 'find', command: 'app.find', place: 'dialog', field: true, component: FindDialog },
  { name: 'glossary', command: 'app.glossary', place: 'dialog', field: true, component: GlossaryDialog },
  { name: 'guide', command: 'app.guide', place: 'dialog', field: true, component: GuideDialog },
  { name: 'habits', command: 'app.habits', place: 'dialog', field: true, component: HabitsDialog },
  { name: 'snapshot', command: 'app.snapshot', place: 'dialog', component: SnapshotDialog },
  { name: 'shots', command: 'app.shots', place: 'dialog', component: ShotsDialog },
  { name: 'newer', command: 'app.newer-file', place: 'dialog', component: NewerDialog },
  { name: 'save', command: 'app.export', place: 'dialog', component: SaveDialog },
  { name: 'versions', command: 'app.versions', place: 'dialog', component: VersionsDialog },
];
