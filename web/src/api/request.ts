import createClient, { createQuerySerializer, defaultPathSerializer } from 'openapi-fetch';
import type { paths } from '#api';
import { asked } from './http';

// Everything here follows from the description of the server (docs/openapi.json): a path, a parameter or a body that the
// server does not have is an error of the compiler.

/** Lists as one value with commas. */
const querySerializer = { array: { style: 'form', explode: false } } as const;

/** Asks the server; errors are thrown as `Failure`. */
export const client = createClient<paths>({ baseUrl: location.origin, fetch: asked, querySerializer });

/** What a request is answered with; nothing where the answer is empty. */
export async function answer<T>(request: Promise<{ data?: T }>): Promise<T> {
  return (await request).data as T;
}

/** The parameters of a path, as any of its methods names them. */
type Parameters<P> = Extract<P[keyof P], { parameters: { path: object } }>['parameters']['path'];

/** The address of a path with its parameters filled in, for files and for what is sent with progress. */
export function address<P extends keyof paths>(path: P, parameters: Parameters<paths[P]>, query: object = {}): string {
  const asks = createQuerySerializer(querySerializer)(query as Record<string, unknown>);
  return defaultPathSerializer(path, parameters as object as Record<string, unknown>) + (asks && `?${asks}`);
}
