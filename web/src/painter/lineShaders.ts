import { merged } from './shaders';

/** Lines of constant width: each is a quad between both ends, widened on the screen. */
export const lineVertex = /* glsl */ `
uniform vec2 halfSize;
uniform float pixel;
uniform vec4 tints[5];
uniform float widths[5];
#ifdef GRID
uniform vec4 grid[5];
out vec3 vPlace;
#else
in vec3 from;
in vec3 to;
in float sort;
/* How opaque lines are that have the colour of their file; 0 where they do not have it. */
uniform float own;
#endif
${merged}
out vec4 vTint;
out float vAcross;
out float vHalf;
vec4 clip(vec3 p) {
#ifdef GRID
  return projectionMatrix * vec4(mat3(viewMatrix) * p, 1.0);
#elif defined(MERGED)
  return projectionMatrix * placed(p);
#else
  vec4 local = vec4(p, 1.0);
#ifdef USE_INSTANCING
  local = instanceMatrix * local;
#endif
  return projectionMatrix * modelViewMatrix * local;
#endif
}
void main() {
#ifdef GRID
  // Six vertices a line, made from what the core tells of both rows.
  int k = gl_VertexID / 6;
  int c = gl_VertexID % 6;
  vec2 corner = vec2(c == 0 || c == 1 || c == 3 ? 0.0 : 1.0, c == 1 || c == 2 || c == 4 ? 1.0 : -1.0);
  int u = int(grid[0].z);
  int v = int(grid[0].w);
  bool second = k >= int(grid[1].w);
  if (second) k -= int(grid[1].w);
  vec4 row = second ? grid[2] : grid[1];
  vec2 marks = second ? grid[3].zw : grid[3].xy;
  int across = second ? v : u;
  int running = second ? u : v;
  vec3 from = vec3(grid[0].y);
  from[across] = row.x + float(k) * grid[0].x;
  vec3 to = from;
  from[running] = row.y;
  to[running] = row.z;
  int s = k == int(marks.y) ? 2 + running : k % 10 == int(marks.x) ? 1 : 0;
#else
  vec2 corner = position.xy;
  int s = sort < 0.0 ? 2 : int(sort);
#endif
  vec4 a = clip(from);
  vec4 b = clip(to);
  // The part before the near plane would swap sides: ends there move along the line up to it.
  float na = a.z + a.w;
  float nb = b.z + b.w;
  float cutA = na < 0.0 && nb > 0.0 ? na / (na - nb) + 1e-5 : 0.0;
  float cutB = nb < 0.0 && na > 0.0 ? nb / (nb - na) + 1e-5 : 0.0;
  vec4 ca = mix(a, b, cutA);
  vec4 cb = mix(b, a, cutB);
  float w = widths[s] * pixel;
  vec4 tint = tints[s];
#ifndef GRID
  bool dot = from == to;
  if (sort < 0.0) {
    int code = -1 - int(sort);
    if (own > 0.0) tint = vec4(vec3(code >> 10 & 31, code >> 5 & 31, code & 31) / 31.0, own);
    w = (dot ? 3.0 : 1.5) * pixel;
  }
#endif
  vec2 d = cb.xy / cb.w * halfSize - ca.xy / ca.w * halfSize;
  float l = length(d);
  vec2 along = l > 1e-6 ? d / l : vec2(1.0, 0.0);
  bool first = corner.x < 0.5;
  vec4 p = first ? ca : cb;
  float reach = w * 0.5 + 1.0;
  p.xy += vec2(-along.y, along.x) * corner.y * reach / halfSize * p.w;
#ifndef GRID
  // A point is as wide as it is high.
  if (dot) p.x += (first ? -1.0 : 1.0) * w * 0.5 / halfSize.x * p.w;
#endif
  if (na < 0.0 && nb < 0.0) p = vec4(2.0, 2.0, 2.0, 1.0);
#ifdef GRID
  vPlace = first ? mix(from, to, cutA) : mix(to, from, cutB);
#endif
  vTint = tint;
  vAcross = corner.y * reach;
  vHalf = w * 0.5;
  gl_Position = p;
}`;

export const lineFragment = /* glsl */ `
precision highp float;
in vec4 vTint;
in float vAcross;
in float vHalf;
#ifdef GRID
uniform vec4 fading;
in vec3 vPlace;
#endif
out vec4 result;
void main() {
  float a = vTint.a * clamp(vHalf + 0.5 - abs(vAcross), 0.0, 1.0);
#ifdef GRID
  if (fading.w > 0.0) a *= 1.0 - smoothstep(0.3, 1.0, distance(vPlace, fading.xyz) / fading.w);
#endif
  result = vec4(vTint.rgb * a, a);
}`;
