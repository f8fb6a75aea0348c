import { useStage } from '../stores/stage';
import type { OpenScene } from './openScene';

/** Asks the server for a file of the scene as it is now: what is not saved yet is saved first, and where it cannot be, that is told. */
async function fetchSaved(open: OpenScene, path: string): Promise<void> {
  const store = useStage();
  const keeper = open.kept.edits;
  await keeper.save();
  if (keeper.state.value !== 'saved') {
    store.tell({
      text: 'The changes of this scene are not saved, so that a file would lack them. Save them first: see beside its name.',
    });
    return;
  }
  const link = document.createElement('a');
  link.href = `/api/scenes/${encodeURIComponent(open.id)}/${path}`;
  link.download = '';
  link.click();
}

/** The scene with its changes, or what is selected, as a GLB. */
export async function takeHome(open: OpenScene, selection: boolean): Promise<void> {
  const ids = selection ? open.core.show.selection() : [];
  if (selection && !ids.length) {
    useStage().tell({ text: 'Select what shall be saved as a file.' });
    return;
  }
  const what = selection ? `&what=selection&ids=${ids.map(encodeURIComponent).join(',')}` : '';
  if (useStage().objects.some((o) => o.kind === 'picture'))
    useStage().tell({ text: 'Pictures behind views are left out: the format has no place for them.' });
  await fetchSaved(open, `export?format=glb${what}`);
}

/** The cameras as a table. */
export async function camerasHome(open: OpenScene, json: boolean): Promise<void> {
  await fetchSaved(open, `cameras?format=${json ? 'json' : 'csv'}`);
}
