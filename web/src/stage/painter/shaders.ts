/**
 * Places of a merged batch: relative to the eye in two steps, so that nothing jitters far from the batch's origin. The fourth of
 * `extra` is the number of the part, whose colour and whether it is selected stand in `state`.
 */
export const merged = /* glsl */ `
#ifdef MERGED
uniform vec3 high;
uniform vec3 low;
vec4 placed(vec3 p) {
  return vec4(mat3(viewMatrix) * ((p + high) + low), 1.0);
}
#endif
`;

/** The transfer of sRGB and back, as IEC 61966-2-1 gives it. */
const transfer = /* glsl */ `
vec3 linear(vec3 c) {
  return mix(c / 12.92, pow((c + 0.055) / 1.055, vec3(2.4)), step(0.04045, c));
}
vec3 srgb(vec3 c) {
  return mix(c * 12.92, 1.055 * pow(c, vec3(1.0 / 2.4)) - 0.055, step(0.0031308, c));
}
`;

/** Shading of surfaces: a light at the eye, so that whatever is looked at is lit. Output is premultiplied. */
export const surfaceVertex = /* glsl */ `
${merged}
#ifdef MERGED
in vec4 extra;
uniform highp sampler2D state;
flat out vec3 vBase;
#endif
#ifdef PAPER
out vec3 vToEye;
#endif
#if defined(UNLIT)
#elif defined(WITH_NORMAL) && !defined(FLAT)
#define BY_NORMAL
out vec3 vNormal;
#else
#define BY_FACE
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
#ifdef MERGED
  vec4 p = placed(position);
  int part = int(extra.w);
  vBase = texelFetch(state, ivec2(part & 127, part >> 7), 0).rgb;
#else
  vec4 local = vec4(position, 1.0);
#ifdef USE_INSTANCING
  local = instanceMatrix * local;
#endif
  vec4 p = modelViewMatrix * local;
#endif
#ifdef BY_NORMAL
#ifdef MERGED
  vNormal = mat3(viewMatrix) * extra.xyz;
#else
  vec3 n = normal;
#ifdef USE_INSTANCING
  // The inverse transpose of a rotation with a scale along its own axes.
  mat3 im = mat3(instanceMatrix);
  n = im * (n / vec3(dot(im[0], im[0]), dot(im[1], im[1]), dot(im[2], im[2])));
#endif
  vNormal = normalMatrix * n;
#endif
#endif
#ifdef BY_FACE
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
#ifdef PAPER
  vToEye = projectionMatrix[2][3] == 0.0 ? vec3(0.0, 0.0, 1.0) : -p.xyz;
#endif
}`;

/** What is too small to be drawn as it is: a square of its size. Four numbers a part, middle and size. */
export const pointVertex = /* glsl */ `
${merged}
uniform vec2 halfSize;
#ifdef STATE
uniform highp sampler2D state;
#else
uniform vec4 base;
#endif
in vec4 point;
flat out vec3 vColor;
${transfer}
void main() {
#ifdef STATE
  vec3 base = texelFetch(state, ivec2(gl_VertexID & 127, gl_VertexID >> 7), 0).rgb;
#endif
  vColor = srgb(base.rgb * 0.72);
  gl_Position = projectionMatrix * placed(point.xyz);
  gl_PointSize = clamp(point.w * projectionMatrix[1][1] * halfSize.y / gl_Position.w, 1.0, 64.0);
}`;

export const pointFragment = /* glsl */ `
precision highp float;
flat in vec3 vColor;
out vec4 result;
void main() {
  result = vec4(vColor, 1.0);
}`;

export const surfaceFragment = /* glsl */ `
precision highp float;
#ifdef MERGED
flat in vec3 vBase;
#else
uniform vec4 base;
#endif
uniform vec3 ink;
uniform float pixel;
uniform float cutoff;
#ifdef PAPER
uniform vec3 paper[2];
uniform vec4 rim;
in vec3 vToEye;
#endif
#if defined(UNLIT)
#elif defined(WITH_NORMAL) && !defined(FLAT)
#define BY_NORMAL
in vec3 vNormal;
#else
#define BY_FACE
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
${transfer}
void main() {
#ifdef MERGED
  vec4 c = vec4(vBase, 1.0);
#else
  vec4 c = base;
#endif
#ifdef WITH_IMAGE
  vec4 texel = texture(image, vUv);
  c *= vec4(linear(texel.rgb), texel.a);
#endif
#ifdef WITH_COLOR
  c *= vColor;
#endif
  if (c.a < cutoff) discard;
#ifdef UNLIT
  vec3 color = srgb(c.rgb);
#else
#ifdef BY_NORMAL
  vec3 n = normalize(vNormal);
#else
  vec3 n = normalize(cross(dFdx(vView), dFdy(vView)));
#endif
#ifdef PAPER
  // Where a round surface turns away from the eye its silhouette is drawn, as wide as an edge.
  float facing = abs(dot(n, normalize(vToEye)));
  float silhouette = 1.0 - smoothstep(0.5, 1.0, facing / max(fwidth(facing) * 1.6 * pixel, 1e-4));
  vec3 color = mix(mix(paper[0], paper[1], 0.5), rim.rgb, silhouette * rim.a);
#else
  // A light a little above the eye, a cool fill from below; backs of faces are darker.
  float key = abs(dot(n, vec3(0.25, 0.42, 0.87)));
  float sky = 0.5 + 0.5 * n.y * (gl_FrontFacing ? 1.0 : -1.0);
  vec3 light = vec3(0.16, 0.2, 0.23) + vec3(0.1, 0.13, 0.15) * sky + vec3(0.82, 0.8, 0.76) * key;
  vec3 shade = c.rgb * light * (gl_FrontFacing ? 1.0 : 0.62);
  vec3 color = srgb(shade);
#endif
#endif
#ifdef EDGES
  vec3 w = fwidth(vCorner);
  vec3 far = vCorner.zxy / max(w.zxy, 1e-6);
  vec3 strength = vec3(vSides & 3, (vSides >> 2) & 3, (vSides >> 4) & 3);
  vec3 half_ = (0.15 + 0.35 * strength) * pixel;
  vec3 on = (1.0 - smoothstep(half_ - 0.5, half_ + 0.5, far)) * step(0.5, strength) * (0.45 + 0.25 * strength);
  // Where edges crowd they would fill everything: they fade as triangles shrink to a few pixels.
  float room = 1.0 - smoothstep(0.12, 0.5, max(w.x, max(w.y, w.z)));
  color = mix(color, ink, clamp(max(on.x, max(on.y, on.z)) * room, 0.0, 1.0));
#endif
  result = vec4(color * c.a, c.a);
}`;
