/** Under this name the browser keeps what draws its pictures. */
const KEPT = 'rhombus.draws';

let name: string | null = null;

function ask(gl: WebGL2RenderingContext | null): string {
  const info = gl?.getExtension('WEBGL_debug_renderer_info');
  return gl && info ? String(gl.getParameter(info.UNMASKED_RENDERER_WEBGL)) : '';
}

function keep(now: string): void {
  name = now;
  try {
    localStorage.setItem(KEPT, now);
  } catch {
    // A browser that keeps nothing is asked again the next time.
  }
}

/**
 * Whether WebGL runs on the processor; then smoothing by multisampling costs more than it gives. It has to be known before the context
 * is made that pictures are drawn in, and making another one only to ask takes long: what was found the last time is kept.
 */
export function software(): boolean {
  if (name === null) {
    try {
      name = localStorage.getItem(KEPT);
    } catch {
      name = null;
    }
  }
  if (name === null) {
    const gl = document.createElement('canvas').getContext('webgl2');
    keep(ask(gl));
    gl?.getExtension('WEBGL_lose_context')?.loseContext();
  }
  return /swiftshader|llvmpipe|softpipe|software/i.test(name!);
}

/** Looks whether what was kept is still so, for the next time. */
export function noteProcessor(gl: WebGL2RenderingContext): void {
  const now = ask(gl);
  if (now !== name) keep(now);
}
