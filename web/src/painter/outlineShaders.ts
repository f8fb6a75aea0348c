import { merged } from './shaders';

/** Marks what is selected in an image of its own: red for all, green for the one selected last. */
export const maskFragment = /* glsl */ `
precision highp float;
#ifdef MERGED
flat in float last;
#else
uniform float last;
#endif
out vec4 result;
void main() {
  result = vec4(1.0, last, 0.0, 1.0);
}`;

export const maskVertex = /* glsl */ `
${merged}
#ifdef MERGED
in vec4 extra;
uniform highp sampler2D state;
flat out float last;
#endif
void main() {
#ifdef MERGED
  int part = int(extra.w);
  last = mod(texelFetch(state, ivec2(part & 127, part >> 7), 0).w, 4.0) > 1.5 ? 1.0 : 0.0;
  gl_Position = projectionMatrix * placed(position);
#else
  vec4 local = vec4(position, 1.0);
#ifdef USE_INSTANCING
  local = instanceMatrix * local;
#endif
  gl_Position = projectionMatrix * modelViewMatrix * local;
#endif
}`;

export const outlineVertex = /* glsl */ `
void main() {
  gl_Position = vec4(position.xy, 0.0, 1.0);
}`;

/** Draws the border of the marked area; the one selected last gets a second line outside the first. */
export const outlineFragment = /* glsl */ `
precision highp float;
uniform sampler2D mask;
uniform vec4 box;
uniform float pixel;
uniform vec3 tint;
out vec4 result;
const vec2 DIRECTIONS[8] = vec2[8](vec2(1, 0), vec2(-1, 0), vec2(0, 1), vec2(0, -1),
  vec2(0.707, 0.707), vec2(-0.707, 0.707), vec2(0.707, -0.707), vec2(-0.707, -0.707));
float most(ivec2 at, float reach, int channel) {
  float m = 0.0;
  for (int i = 0; i < 8; i++) {
    vec2 to = vec2(at) + round(DIRECTIONS[i] * reach);
    // Beyond the viewport the mask holds what another one left there.
    if (any(lessThan(to, box.xy)) || any(greaterThanEqual(to, box.xy + box.zw))) continue;
    vec4 t = texelFetch(mask, ivec2(to), 0);
    m = max(m, channel == 0 ? t.r : t.g);
  }
  return m;
}
void main() {
  ivec2 at = ivec2(gl_FragCoord.xy);
  if (any(lessThan(vec2(at), box.xy)) || any(greaterThanEqual(vec2(at), box.xy + box.zw))) discard;
  vec4 here = texelFetch(mask, at, 0);
  float near = (1.0 - here.r) * most(at, 1.6 * pixel, 0);
  float outer = (1.0 - here.g) * (1.0 - most(at, 2.6 * pixel, 1)) * most(at, 4.6 * pixel, 1);
  float a = clamp(max(near, outer * 0.8), 0.0, 1.0);
  if (a < 0.01) discard;
  result = vec4(tint * a, a);
}`;
