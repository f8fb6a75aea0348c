import { say } from '../words/say';

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
  /** Whether asking again in the same words will be answered in the same way. */
  get refused(): boolean {
    return this.status >= 400 && this.status < 500 && ![401, 408, 409, 425, 429].includes(this.status);
  }
}

export function token(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '';
}

async function failure(response: Response): Promise<Failure> {
  const problem = (await response.json().catch(() => ({}))) as { detail?: string };
  return new Failure(response.status, problem.detail ?? say('http.the-server-answered', response.status));
}

/**
 * Sends a request with the page's token. A page whose token was lost gets a new one and asks once more.
 *
 * @throws Failure where the server cannot be reached, or answers with an error
 */
export async function asked(request: Request): Promise<Response> {
  if (request.method === 'GET') return once(request);
  const again = request.clone();
  try {
    return await once(signed(request));
  } catch (e) {
    if (!(e instanceof Failure) || e.status !== 403) throw e;
    await once(new Request(new URL('/api/start', request.url)));
    return await once(signed(again));
  }
}

function signed(request: Request): Request {
  request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token()));
  return request;
}

async function once(request: Request): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(request);
  } catch {
    throw new Failure(0, say('http.the-server-does-not-answer-what'));
  }
  if (!response.ok) throw await failure(response);
  return response;
}

/** Sends a small file that nobody waits for, also from a page that is being closed. */
export function send(method: string, path: string, file: Blob): Promise<void> {
  const headers = { 'Content-Type': file.type, 'X-XSRF-TOKEN': decodeURIComponent(token()) };
  return fetch(path, { method, body: file, keepalive: true, headers }).then(
    () => undefined,
    () => undefined,
  );
}

/** Says something that nobody waits for, also from a page that is being closed. */
export function tell(method: string, path: string): void {
  void fetch(path, { method, keepalive: true, headers: { 'X-XSRF-TOKEN': decodeURIComponent(token()) } }).catch(
    () => undefined,
  );
}

/** Loads a file and tells how much of it has come. */
export async function download(
  path: string,
  size: number,
  progress: (part: number) => void,
  signal?: AbortSignal,
): Promise<ArrayBuffer> {
  const lost = () => {
    throw new Failure(0, say('http.the-server-does-not-answer-what'));
  };
  const response = await fetch(path, { signal: signal ?? null }).catch(lost);
  if (!response.ok) throw await failure(response);
  const reader = response.body!.getReader();
  const bytes = new Uint8Array(size);
  let at = 0;
  for (;;) {
    const { done, value } = await reader.read().catch(lost);
    if (done) break;
    bytes.set(value, at);
    at += value.length;
    progress(at / size);
  }
  if (at !== size) throw new Failure(0, say('http.the-file-came-incomplete-load-the'));
  return bytes.buffer;
}

/**
 * Fetches a file that the server makes, with the name it gives it.
 *
 * @param progress is told how much has come, 0 to 1, or -1 where nobody knows how long the file is
 */
export async function fetchFile(
  path: string,
  progress: (part: number) => void = () => undefined,
  signal?: AbortSignal,
): Promise<{ blob: Blob; name: string }> {
  const lost = () => {
    throw new Failure(0, say('http.the-server-does-not-answer-so'));
  };
  const response = await fetch(path, { signal: signal ?? null }).catch(lost);
  if (!response.ok) throw await failure(response);
  const told = response.headers.get('Content-Disposition') ?? '';
  const name = /filename\*=UTF-8''([^;]+)/i.exec(told)?.[1];
  const size = Number(response.headers.get('Content-Length') ?? 0);
  const reader = response.body!.getReader();
  const pieces: Uint8Array<ArrayBuffer>[] = [];
  for (let at = 0; ;) {
    const { done, value } = await reader.read().catch(lost);
    if (done) break;
    pieces.push(value);
    at += value.length;
    progress(size ? at / size : -1);
  }
  const type = response.headers.get('Content-Type') ?? '';
  return { blob: new Blob(pieces, { type }), name: name ? decodeURIComponent(name) : 'scene' };
}

/** Sends a form or a file and tells how much of it has gone. `stop` receives a function that gives it up. */
export function upload<T>(
  path: string,
  body: FormData | File,
  progress: (part: number) => void,
  stop: (abort: () => void) => void,
): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open('POST', path);
    request.setRequestHeader('X-XSRF-TOKEN', decodeURIComponent(token()));
    request.upload.onprogress = (e) => progress(e.total ? e.loaded / e.total : 0);
    request.onload = () => {
      const answer = JSON.parse(request.responseText || '{}') as T & { detail?: string };
      if (request.status < 300) resolve(answer);
      else reject(new Failure(request.status, answer.detail ?? say('http.the-server-answered', request.status)));
    };
    request.onerror = () => reject(new Failure(0, say('http.the-connection-was-lost-look-at')));
    request.onabort = () => reject(new Failure(409, say('http.the-upload-was-cancelled-nothing-was')));
    stop(() => request.abort());
    request.send(body);
  });
}
