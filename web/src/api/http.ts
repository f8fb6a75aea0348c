/** An answer that is an error, with words to show. */
export class Failure extends Error {
  constructor(
    readonly status: number,
    detail: string,
  ) {
    super(detail);
  }
  /** Whether the server or its database could not be reached: worth trying again later. */
  get offline(): boolean {
    return this.status === 0 || this.status >= 502;
  }
}

const UNREACHABLE = 'The server does not answer. What you have done stays in this page and is saved when it is back.';

export function token(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '';
}

async function failure(response: Response): Promise<Failure> {
  const problem = (await response.json().catch(() => ({}))) as { detail?: string };
  return new Failure(response.status, problem.detail ?? `The server answered ${response.status}.`);
}

/** Asks the server for JSON. */
export async function ask<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token()) },
      body: body === undefined ? null : JSON.stringify(body),
    });
  } catch {
    throw new Failure(0, UNREACHABLE);
  }
  if (!response.ok) throw await failure(response);
  return (response.status === 204 ? undefined : await response.json()) as T;
}

/** Loads a file and tells how much of it has come. */
export async function download(path: string, size: number, progress: (part: number) => void): Promise<ArrayBuffer> {
  const response = await fetch(path).catch(() => {
    throw new Failure(0, UNREACHABLE);
  });
  if (!response.ok) throw await failure(response);
  const reader = response.body!.getReader();
  const bytes = new Uint8Array(size);
  let at = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    bytes.set(value, at);
    at += value.length;
    progress(at / size);
  }
  if (at !== size) throw new Failure(0, 'The file came incomplete. Load the page again.');
  return bytes.buffer;
}

/** Sends a form and tells how much of it has gone. `stop` receives a function that gives it up. */
export function upload<T>(
  path: string,
  form: FormData,
  progress: (part: number) => void,
  stop: (abort: () => void) => void,
): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open('POST', path);
    request.setRequestHeader('X-XSRF-TOKEN', decodeURIComponent(token()));
    request.upload.onprogress = (e) => progress(e.total ? e.loaded / e.total : 0);
    request.onload = () => {
      const body = JSON.parse(request.responseText || '{}') as T & { detail?: string };
      if (request.status < 300) resolve(body);
      else reject(new Failure(request.status, body.detail ?? `The server answered ${request.status}.`));
    };
    request.onerror = () => reject(new Failure(0, 'The connection was lost. Nothing was stored; upload it again.'));
    request.onabort = () => reject(new Failure(409, 'The upload was cancelled; nothing was stored.'));
    stop(() => request.abort());
    request.send(form);
  });
}
