/** Shading of surfaces: a light at the eye, so that whatever is looked at is lit. Output is premultiplied. */
export const surfaceVertex = /* glsl */ `
#ifdef WITH_NORMAL
out vec3 vNormal;
#else
out vec3 vView;
#endif
#ifdef WITH_IMAGE
out vec2 vUv;
#endif
#ifdef WITH_COLOR
in vec4 color;
out vec4 vColor;
#endif
#ifdef EDGES
in float sides;
out vec3 vCorner;
flat out int vSides;
#endif
void main() {
  vec4 local = vec4(position, 1.0);
#ifdef USE_INSTANCING
  local = instanceMatrix * local;
#endif
  vec4 p = modelViewMatrix * local;
#ifdef WITH_NORMAL
  vec3 n = normal;
#ifdef USE_INSTANCING
  // The inverse transpose of a rotation with a scale along its own axes.
  mat3 im = mat3(instanceMatrix);
  n = im * (n / vec3(dot(im[0], im[0]), dot(im[1], im[1]), dot(im[2], im[2])));
#endif
  vNormal = normalMatrix * n;
#else
  vView = p.xyz;
#endif
#ifdef WITH_IMAGE
  vUv = uv;
#endif
#ifdef WITH_COLOR
  vColor = color;
#endif
#ifdef EDGES
  int k = gl_VertexID % 3;
  vCorner = vec3(k == 0, k == 1, k == 2);
  vSides = int(sides);
#endif
  gl_Position = projectionMatrix * p;
}`;

export const surfaceFragment = /* glsl */ `
precision highp float;
uniform vec4 base;
uniform vec3 ink;
uniform float pixel;
uniform float cutoff;
#ifdef WITH_NORMAL
in vec3 vNormal;
#else
in vec3 vView;
#endif
#ifdef WITH_IMAGE
uniform sampler2D image;
in vec2 vUv;
#endif
#ifdef WITH_COLOR
in vec4 vColor;
#endif
#ifdef EDGES
in vec3 vCorner;
flat in int vSides;
#endif
out vec4 result;
void main() {
  vec4 c = base;
#ifdef WITH_IMAGE
  vec4 texel = texture(image, vUv);
  c *= vec4(pow(texel.rgb, vec3(2.2)), texel.a);
#endif
#ifdef WITH_COLOR
  c *= vColor;
#endif
  if (c.a < cutoff) discard;
#ifdef WITH_NORMAL
  vec3 n = normalize(vNormal);
#else
  vec3 n = normalize(cross(dFdx(vView), dFdy(vView)));
#endif
  // A light a little above the eye, a cool fill from below; backs of faces are darker.
  float key = abs(dot(n, vec3(0.25, 0.42, 0.87)));
  float sky = 0.5 + 0.5 * n.y * (gl_FrontFacing ? 1.0 : -1.0);
  vec3 light = vec3(0.16, 0.2, 0.23) + vec3(0.1, 0.13, 0.15) * sky + vec3(0.82, 0.8, 0.76) * key;
  vec3 shade = c.rgb * light * (gl_FrontFacing ? 1.0 : 0.62);
  vec3 srgb = pow(shade, vec3(1.0 / 2.2));
#ifdef EDGES
  vec3 w = fwidth(vCorner);
  vec3 far = vCorner.zxy / max(w.zxy, 1e-6);
  vec3 strength = vec3(vSides & 3, (vSides >> 2) & 3, (vSides >> 4) & 3);
  vec3 half_ = (0.15 + 0.35 * strength) * pixel;
  vec3 on = (1.0 - smoothstep(half_ - 0.5, half_ + 0.5, far)) * step(0.5, strength) * (0.45 + 0.25 * strength);
  // Where edges crowd they would fill everything: they fade as triangles shrink to a few pixels.
  float room = 1.0 - smoothstep(0.12, 0.5, max(w.x, max(w.y, w.z)));
  srgb = mix(srgb, ink, clamp(max(on.x, max(on.y, on.z)) * room, 0.0, 1.0));
#endif
  result = vec4(srgb * c.a, c.a);
}`;

/** Lines of constant width: each is a quad between both ends, widened on the screen. */
export const lineVertex = /* glsl */ `
uniform vec2 halfSize;
uniform float pixel;
uniform vec4 tints[5];
uniform float widths[5];
in vec3 from;
in vec3 to;
in float sort;
out vec4 vTint;
out float vAcross;
out float vHalf;
#ifdef RELATIVE
out vec3 vPlace;
#endif
vec4 clip(vec3 p) {
#ifdef RELATIVE
  return projectionMatrix * vec4(mat3(viewMatrix) * p, 1.0);
#else
  vec4 local = vec4(p, 1.0);
#ifdef USE_INSTANCING
  local = instanceMatrix * local;
#endif
  return projectionMatrix * modelViewMatrix * local;
#endif
}
void main() {
  vec4 a = clip(from);
  vec4 b = clip(to);
  // The part before the near plane would swap sides: ends there move along the line up to it.
  float na = a.z + a.w;
  float nb = b.z + b.w;
  float cutA = na < 0.0 && nb > 0.0 ? na / (na - nb) + 1e-5 : 0.0;
  float cutB = nb < 0.0 && na > 0.0 ? nb / (nb - na) + 1e-5 : 0.0;
  vec4 ca = mix(a, b, cutA);
  vec4 cb = mix(b, a, cutB);
  int s = int(sort);
  float w = widths[s] * pixel;
  vec2 d = cb.xy / cb.w * halfSize - ca.xy / ca.w * halfSize;
  float l = length(d);
  vec2 along = l > 1e-6 ? d / l : vec2(1.0, 0.0);
  bool first = position.x < 0.5;
  vec4 p = first ? ca : cb;
  float reach = w * 0.5 + 1.0;
  p.xy += vec2(-along.y, along.x) * position.y * reach / halfSize * p.w;
  if (na < 0.0 && nb < 0.0) p = vec4(2.0, 2.0, 2.0, 1.0);
#ifdef RELATIVE
  vPlace = first ? mix(from, to, cutA) : mix(to, from, cutB);
#endif
  vTint = tints[s];
  vAcross = position.y * reach;
  vHalf = w * 0.5;
  gl_Position = p;
}`;

export const lineFragment = /* glsl */ `
precision highp float;
in vec4 vTint;
in float vAcross;
in float vHalf;
#ifdef RELATIVE
uniform vec4 fading;
in vec3 vPlace;
#endif
out vec4 result;
void main() {
  float a = vTint.a * clamp(vHalf + 0.5 - abs(vAcross), 0.0, 1.0);
#ifdef RELATIVE
  if (fading.w > 0.0) a *= 1.0 - smoothstep(0.3, 1.0, distance(vPlace, fading.xyz) / fading.w);
#endif
  result = vec4(vTint.rgb * a, a);
}`;

/** Marks what is selected in an image of its own: red for all, green for the one selected last. */
export const maskFragment = /* glsl */ `
precision highp float;
uniform float last;
out vec4 result;
void main() {
  result = vec4(1.0, last, 0.0, 1.0);
}`;

export const maskVertex = /* glsl */ `
void main() {
  vec4 local = vec4(position, 1.0);
#ifdef USE_INSTANCING
  local = instanceMatrix * local;
#endif
  gl_Position = projectionMatrix * modelViewMatrix * local;
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
  vec4 here = texelFetch(mask, at, 0);
  float near = (1.0 - here.r) * most(at, 1.6 * pixel, 0);
  float outer = (1.0 - here.g) * (1.0 - most(at, 2.6 * pixel, 1)) * most(at, 4.6 * pixel, 1);
  float a = clamp(max(near, outer * 0.8), 0.0, 1.0);
  if (a < 0.01) discard;
  result = vec4(tint * a, a);
}`;
