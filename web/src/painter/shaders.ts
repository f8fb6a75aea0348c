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
export const transfer = /* glsl */ `
vec3 linear(vec3 c) {
  return mix(c / 12.92, pow((c + 0.055) / 1.055, vec3(2.4)), step(0.04045, c));
}
vec3 srgb(vec3 c) {
  return mix(c * 12.92, 1.055 * pow(c, vec3(1.0 / 2.4)) - 0.055, step(0.0031308, c));
}
`;

/** The one colour of Matte, linear. */
export const neutral = 'const vec3 NEUTRAL = vec3(0.42, 0.425, 0.43);';

/** Colours that tell objects apart, linear: hues a golden section from each other, in two lightnesses. */
const ownColor = /* glsl */ `
vec3 ownColor(float batch, float part) {
  float k = part + 37.0 * batch;
  float hue = fract(k * 0.61803399);
  vec3 pure = 0.5 + 0.5 * cos(6.2831853 * (hue + vec3(0.0, 0.3333, 0.6667)));
  return mix(vec3(0.3), pure, 0.55) * (mod(k, 2.0) < 0.5 ? 0.62 : 0.95);
}
vec3 layerColor(float layer) {
  return layer < 0.5 ? vec3(0.36) : ownColor(0.0, layer);
}
`;

/** Shading of surfaces: a light at the eye, so that whatever is looked at is lit. Output is premultiplied. */
export const surfaceVertex = /* glsl */ `
${merged}
#ifdef MERGED
in vec4 extra;
uniform highp sampler2D state;
flat out vec3 vBase;
#ifdef MATERIAL
flat out vec2 vMetal;
#endif
#endif
#if defined(OBJECT) || defined(LAYER)
#define OWN_COLOUR
uniform float batch;
uniform float layer;
flat out vec3 vOwn;
#endif
#if defined(PAPER) || defined(WEIGHTED) || defined(PEELED) || defined(VEILED)
#define TO_EYE
out vec3 vToEye;
#endif
#if defined(UNLIT) || defined(WIRE)
#elif defined(WITH_NORMAL) && !defined(FLAT)
#define BY_NORMAL
out vec3 vNormal;
#else
#define BY_FACE
#endif
#if defined(BY_FACE) || defined(LAMPS)
#define PLACED
out vec3 vView;
#endif
#ifdef WITH_UV
in vec4 places;
out PLACES vPlaces;
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
#ifdef OWN_COLOUR
${ownColor}
#endif
void main() {
#ifdef MERGED
  vec4 p = placed(position);
  int part = int(extra.w);
  vec4 told = texelFetch(state, ivec2(part & 127, part >> 7), 0);
  vBase = told.rgb;
#ifdef MATERIAL
  float packed = floor(mod(told.w, 262144.0) / 4.0);
  vMetal = vec2(floor(packed / 256.0), mod(packed, 256.0)) / 255.0;
#endif
#else
  vec4 local = vec4(position, 1.0);
#ifdef USE_INSTANCING
  local = instanceMatrix * local;
#endif
  vec4 p = modelViewMatrix * local;
#endif
#ifdef LAYER
#ifdef MERGED
  vOwn = layerColor(floor(told.w / 262144.0));
#else
  vOwn = layerColor(layer);
#endif
#elif defined(OBJECT)
#ifdef MERGED
  vOwn = ownColor(batch, float(part));
#elif defined(USE_INSTANCING)
  vOwn = ownColor(batch, float(gl_InstanceID));
#else
  vOwn = ownColor(batch, 0.0);
#endif
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
#ifdef PLACED
  vView = p.xyz;
#endif
#ifdef WITH_UV
  vPlaces = PLACES(places);
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
#ifdef TO_EYE
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
uniform vec3 paper[2];
in vec4 point;
flat out vec3 vColor;
${transfer}
${neutral}
void main() {
#ifdef STATE
  vec3 base = texelFetch(state, ivec2(gl_VertexID & 127, gl_VertexID >> 7), 0).rgb;
#endif
#if defined(PAPER)
  vColor = mix(paper[0], paper[1], 0.5);
#elif defined(UNLIT)
  vColor = srgb(base.rgb);
#elif defined(NEUTRAL_COLOUR)
  vColor = srgb(NEUTRAL * 0.72);
#else
  vColor = srgb(base.rgb * 0.72);
#endif
  gl_Position = projectionMatrix * placed(point.xyz);
  gl_PointSize = clamp(point.w * projectionMatrix[1][1] * halfSize.y / gl_Position.w, 1.0, 64.0);
}`;

export const pointFragment = /* glsl */ `
precision highp float;
flat in vec3 vColor;
uniform float opacity;
layout(location = 0) out vec4 result;
#ifdef WEIGHTED
layout(location = 1) out vec4 weight;
#endif
void main() {
#ifdef WEIGHTED
  // With the weight of what is far away.
  result = vec4(vColor * opacity, opacity);
  weight = vec4(opacity, 0.0, 0.0, opacity);
#else
  result = vec4(vColor, 1.0);
#endif
}`;
