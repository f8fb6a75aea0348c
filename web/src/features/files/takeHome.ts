import { fetchFile } from '../../api/http';
import { saveAs } from '../../shared/saveAs';
import { useStage } from '../../stage/open/store';
import type { OpenScene } from '../../stage/open/openScene';
import { say } from '../../words/say';

/** Asks the server for a file of the scene as it is now: what is not saved yet is saved first, and where it cannot be, that is told. */
async function fetchSaved(open: OpenScene, path: string): Promise<boolean> {
  const store = useStage();
  const keeper = open.kept.edits;
  await keeper.save();
  if (keeper.state.value !== 'saved') {
    store.tell({
      text: say('take-home.the-changes-of-this-scene-are'),
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

/** The cameras as a table. */
export async function camerasHome(open: OpenScene, json: boolean): Promise<void> {
  await fetchSaved(open, `cameras?format=${json ? 'json' : 'csv'}`);
}
