import { fetchFile } from '../api/http';
import { saveAs } from '../panels/common/saveAs';
import { useStage } from '../stores/stage';
import type { OpenScene } from './openScene';

/** Asks the server for a file of the scene as it is now: what is not saved yet is saved first, and where it cannot be, that is told. */
async function fetchSaved(open: OpenScene, path: string): Promise<boolean> {
  const store = useStage();
  const keeper = open.kept.edits;
  await keeper.save();
  if (keeper.state.value !== 'saved') {
    store.tell({
      text: 'The changes of this scene are not saved, so that a file would lack them. Save them first: see beside its name.',
    });
    return false;
  }
  try {
    const { blob, name } = await fetchFile(`/api/scenes/${encodeURIComponent(open.id)}/${path}`);
    saveAs(blob, name);
    return true;
  } catch (e) {
    store.tell({ text: (e as Error).message });
    return false;
  }
}

/** The scene with its changes, or what is selected, as a GLB. */
export async function takeHome(open: OpenScene, selection: boolean): Promise<void> {
  const store = useStage();
  const ids = selection ? open.core.show.selection() : [];
  if (selection && !ids.length) {
    store.tell({ text: 'Select what shall be saved as a file.' });
    return;
  }
  const what = selection ? `&what=selection&ids=${ids.map(encodeURIComponent).join(',')}` : '';
  const saved = await fetchSaved(open, `export?format=glb${what}`);
  if (saved && store.objects.some((o) => o.kind === 'picture'))
    store.tell({ text: 'The file is made, without the pictures behind views: the format has no place for them.' });
}

/** The cameras as a table. */
export async function camerasHome(open: OpenScene, json: boolean): Promise<void> {
  await fetchSaved(open, `cameras?format=${json ? 'json' : 'csv'}`);
}
