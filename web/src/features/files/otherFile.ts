import { api } from '../../api/api';
import { tellLater } from '../../stage/open/toldLater';
import { useStage } from '../../stage/open/store';
import { say } from '../../words/say';
import type { OpenScene } from '../../stage/open/openScene';

let busy = false;

/** Goes over the step at which another file came: the server lays the file on its other side under the scene, which is opened again. */
export async function overFile(open: OpenScene, again: boolean): Promise<void> {
  if (busy) return;
  if (open.practising) {
    // A drill leaves everything as it was: nothing of the server's is changed in it.
    useStage().tell({ text: say('other-file.not-in-a-drill') });
    return;
  }
  busy = true;
  try {
    await open.kept.edits.surely(say('newer-dialog.the-changes-of-this-scene-are'));
    const { file } = await api.overFile(open.id, again);
    const done = again ? say('other-file.again') : say('other-file.undone');
    tellLater(file ? done : say('other-file.not-kept'));
    window.location.reload();
  } catch (e) {
    useStage().tell({ text: (e as Error).message });
  } finally {
    busy = false;
  }
}
