import { api } from '../../api/api';
import { useStage } from '../../stage/open/store';
import type { OpenScene } from '../../stage/open/openScene';
import { say } from '../../words/say';

/** Asks for a picture file, and puts it behind a viewport. */
export function choosePicture(open: OpenScene, view: string): void {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = 'image/png,image/jpeg';
  input.dataset.pictureFile = '';
  input.hidden = true;
  input.addEventListener('change', () => {
    const file = input.files?.[0];
    input.remove();
    if (file) void bringPicture(open, view, file);
  });
  input.addEventListener('cancel', () => input.remove());
  // It belongs to the page while it is open, so that whoever works without a hand can reach it.
  document.body.append(input);
  input.click();
}

/** Sends a picture to the server, which checks it, and puts it behind a viewport. */
export async function bringPicture(open: OpenScene, view: string, file: File): Promise<void> {
  const store = useStage();
  store.tell({ text: say('bring-picture.bringing', file.name) });
  try {
    const p = await api.addPicture(open.id, file);
    const args = { image: p.id, width: p.width, height: p.height, name: p.name };
    open.core.stage.command('picture.add', args, view, performance.now());
  } catch (e) {
    store.tell({ text: (e as Error).message });
  }
  open.loop.wake();
}
