/** A file that was chosen or dropped, with the folder it lay in. */
export interface Chosen {
  file: File;
  path: string;
}

/** Browsers cut so many files at a time off a folder. */
const MOST = 2000;

/** What was chosen in a box for files or for a folder. */
export function fromInput(files: FileList | null): Chosen[] {
  return [...(files ?? [])].slice(0, MOST).map((file) => ({ file, path: file.webkitRelativePath || file.name }));
}

/** What was dropped, with all that lies in folders. */
export async function fromDrop(data: DataTransfer | null): Promise<Chosen[]> {
  // Items are gone once anything is waited for, so that all are asked first.
  const entries = [...(data?.items ?? [])].map((i) => i.webkitGetAsEntry());
  if (entries.some((e) => !e)) return fromInput(data?.files ?? null);
  const out: Chosen[] = [];
  for (const e of entries) await walk(e!, out);
  return out;
}

async function walk(entry: FileSystemEntry, out: Chosen[]): Promise<void> {
  if (out.length >= MOST) return;
  if (entry.isFile) {
    const file = await new Promise<File>((resolve, reject) => (entry as FileSystemFileEntry).file(resolve, reject));
    out.push({ file, path: entry.fullPath.replace(/^\//, '') });
    return;
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  for (;;) {
    // A folder is told in pieces; an empty one is the end.
    const some = await new Promise<FileSystemEntry[]>((resolve, reject) => reader.readEntries(resolve, reject));
    if (!some.length) return;
    for (const e of some) await walk(e, out);
  }
}
