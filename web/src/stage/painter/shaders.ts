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

/** Shading of surfaces: a light at the eye, so that whatever is looked at is lit. Output is premultiplied. */
export const surfaceVertex = /* glsl */ `
${merged}
#ifdef MERGED
in vec4 extra;
uniform highp sampler2D state;
flat out vec3 vBase;
#endif
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
#ifdef WITH_NORMAL
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
void main() {
#ifdef STATE
  vec3 base = texelFetch(state, ivec2(gl_VertexID & 127, gl_VertexID >> 7), 0).rgb;
#endif
  vColor = pow(base.rgb * 0.72, vec3(1.0 / 2.2));
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
#ifdef MERGED
  vec4 c = vec4(vBase, 1.0);
#else
  vec4 c = base;
#endif
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
#ifdef GRID
uniform vec4 grid[5];
out vec3 vPlace;
#else
in vec3 from;
in vec3 to;
in float sort;
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
  int s = int(sort);
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
  vec2 d = cb.xy / cb.w * halfSize - ca.xy / ca.w * halfSize;
  float l = length(d);
  vec2 along = l > 1e-6 ? d / l : vec2(1.0, 0.0);
  bool first = corner.x < 0.5;
  vec4 p = first ? ca : cb;
  float reach = w * 0.5 + 1.0;
  p.xy += vec2(-along.y, along.x) * corner.y * reach / halfSize * p.w;
  if (na < 0.0 && nb < 0.0) p = vec4(2.0, 2.0, 2.0, 1.0);
#ifdef GRID
  vPlace = first ? mix(from, to, cutA) : mix(to, from, cutB);
#endif
  vTint = tints[s];
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
