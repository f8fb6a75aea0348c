import type { paths } from '#api';
import { ask } from './http';

// Everything here follows from the description of the server (docs/openapi.json): a path, a parameter or a body that the
// server does not have is an error of the compiler.

export type Method = 'get' | 'put' | 'post' | 'patch' | 'delete';
/** The paths that have a method. */
export type PathOf<M extends Method> = {
  [P in keyof paths]: paths[P] extends Record<M, { responses: object }> ? P : never;
}[keyof paths];

type Of<M extends Method, P extends PathOf<M>> = paths[P][M];
type Params<O> = O extends { parameters: { path: infer Q } } ? Q : Record<never, never>;
type Body<O> = O extends { requestBody: { content: { 'application/json': infer B } } } ? B : undefined;
type Content<R> = R extends { content: { '*/*': infer A } } ? A : never;
/** What a request is answered with: what it found, what it made, or nothing. */
export type Answer<M extends Method, P extends PathOf<M>> =
  Of<M, P> extends { responses: { 200: infer R } }
    ? Content<R>
    : Of<M, P> extends { responses: { 201: infer R } }
      ? Content<R>
      : void;

/** The address of a path with its parameters filled in. */
export function address<M extends Method, P extends PathOf<M>>(_: M, path: P, params: Params<Of<M, P>>): string {
  const values = params as Record<string, string | number>;
  return path.replace(/\{(\w+)\}/g, (__, name: string) => encodeURIComponent(String(values[name])));
}

/** Asks the server in the words of its own description. */
export function request<M extends Method, P extends PathOf<M>>(
  method: M,
  path: P,
  params: Params<Of<M, P>>,
  ...body: Body<Of<M, P>> extends undefined ? [] : [Body<Of<M, P>>]
): Promise<Answer<M, P>> {
  return ask<Answer<M, P>>(method.toUpperCase(), address(method, path, params), body[0]);
}
