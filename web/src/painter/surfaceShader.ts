import { lit } from './lightShader';
import { neutral, transfer } from './shaders';

/** How much of a stroke is at a place of the screen, CSS pixels, for a tone from 0, dark, to 1. */
const hatching = /* glsl */ `
#ifdef HATCHED
float stroke(float across, float width) {
  float d = abs(fract(across / 6.0) - 0.5) * 6.0;
  return clamp(width + 0.5 - d, 0.0, 1.0);
}
float strokes(float tone, vec2 at) {
  float one = stroke((at.x + at.y) * 0.7071, 1.1 * clamp((0.62 - tone) * 3.0, 0.0, 0.8));
  float two = stroke((at.x - at.y) * 0.7071, 1.1 * clamp((0.32 - tone) * 4.0, 0.0, 0.8));
  return max(one * step(tone, 0.6), two * step(tone, 0.3)) * 0.75;
}
#endif
`;

export const surfaceFragment = /* glsl */ `
precision highp float;
#ifdef MERGED
flat in vec3 vBase;
#else
uniform vec4 base;
#endif
#if defined(OBJECT) || defined(LAYER)
#define OWN_COLOUR
flat in vec3 vOwn;
#endif
#ifdef MATERIAL
#ifdef MERGED
flat in vec2 vMetal;
#else
uniform vec2 metal;
#endif
uniform vec3 emissive;
#ifdef WITH_METAL
uniform sampler2D metalImage;
#endif
#ifdef WITH_NORMALS
uniform sampler2D normalImage;
uniform float bumps;
#endif
#ifdef WITH_OCCLUSION
uniform sampler2D occlusionImage;
uniform float occluding;
#endif
#ifdef WITH_EMISSION
uniform sampler2D emissionImage;
#endif
#endif
uniform vec3 ink;
uniform float pixel;
uniform float cutoff;
#if defined(WEIGHTED) || defined(PEELED) || defined(VEILED)
#define THROUGH
uniform float opacity;
#endif
#if defined(PAPER)
uniform vec3 paper[2];
#endif
#if defined(PAPER) || defined(WIRE)
uniform vec4 rim;
#endif
#if defined(PAPER) || defined(THROUGH)
in vec3 vToEye;
#endif
#ifdef PEELED
uniform highp sampler2D before;
uniform bool peeling;
#endif
#if defined(WEIGHTED) || defined(LAMPS)
uniform mat4 projectionMatrix;
#endif
#ifdef WEIGHTED
layout(location = 1) out vec4 weight;
#endif
#if defined(UNLIT) || defined(WIRE)
#elif defined(WITH_NORMAL) && !defined(FLAT)
#define BY_NORMAL
in vec3 vNormal;
#else
#define BY_FACE
#endif
#if defined(BY_FACE) || defined(LAMPS)
in vec3 vView;
#endif
#ifdef WITH_IMAGE
uniform sampler2D image;
#endif
#ifdef WITH_UV
in PLACES vPlaces;
#endif
#ifdef WITH_COLOR
in vec4 vColor;
#endif
#ifdef EDGES
in vec3 vCorner;
flat in int vSides;
#endif
layout(location = 0) out vec4 result;
${transfer}
${neutral}
${hatching}
${lit}
void main() {
#ifdef PEELED
  if (peeling && gl_FragCoord.z <= texelFetch(before, ivec2(gl_FragCoord.xy), 0).r) discard;
#endif
#ifdef MERGED
  vec4 c = vec4(vBase, 1.0);
#else
  vec4 c = base;
#endif
#ifdef WITH_IMAGE
  vec4 texel = texture(image, IMAGE_AT);
  c *= vec4(linear(texel.rgb), texel.a);
#endif
#ifdef WITH_COLOR
  c *= vColor;
#endif
  if (c.a < cutoff) discard;
#if defined(NEUTRAL_COLOUR)
  c.rgb = NEUTRAL;
#elif defined(OWN_COLOUR)
  c.rgb = vOwn;
#endif
#ifdef DEPTH
  result = vec4(0.0);
}
#else
#if defined(WIRE)
  vec3 color = vec3(0.0);
#elif defined(UNLIT) || defined(MATERIAL) && defined(PLAINLY)
  vec3 color = srgb(c.rgb);
#else
#ifdef BY_NORMAL
  vec3 n = normalize(vNormal);
#else
  vec3 n = normalize(cross(dFdx(vView), dFdy(vView)));
#endif
#ifdef BY_NORMAL
  vec3 toward = gl_FrontFacing ? n : -n;
#else
  // Worked out on the screen it turns to the eye by itself.
  vec3 toward = n;
#endif
#if defined(PAPER) || defined(THROUGH)
  float facing = abs(dot(n, normalize(vToEye)));
#endif
#if defined(PAPER)
  // Where a round surface turns away from the eye its silhouette is drawn, as wide as an edge.
  float silhouette = 1.0 - smoothstep(0.5, 1.0, facing / max(fwidth(facing) * 1.6 * pixel, 1e-4));
  vec3 ground = mix(paper[0], paper[1], 0.5);
#ifdef HATCHED
  // On dark paper light is drawn, on light paper shadow.
  float tone = 0.5 + 0.5 * dot(toward, vec3(-0.48, 0.72, 0.5));
  ground = mix(ground, rim.rgb, strokes(ground.g < 0.5 ? 1.0 - tone : tone, gl_FragCoord.xy / pixel) * rim.a);
#endif
  vec3 color = mix(ground, rim.rgb, silhouette * rim.a);
#elif defined(LAMPS)
  n = toward;
#ifndef MATERIAL
  // What no material is asked for is dull.
  vec2 how = vec2(0.0, 0.9);
#elif defined(MERGED)
  vec2 how = vMetal;
#else
  vec2 how = metal;
#endif
#ifdef WITH_METAL
  how *= texture(metalImage, METAL_AT).bg;
#endif
#ifdef WITH_NORMALS
  n = bumped(n, vView, NORMALS_AT, (texture(normalImage, NORMALS_AT).rgb * 2.0 - 1.0) * vec3(bumps, bumps, 1.0));
#endif
  float open_ = 1.0;
#ifdef WITH_OCCLUSION
  open_ = 1.0 + occluding * (texture(occlusionImage, OCCLUSION_AT).r - 1.0);
#endif
#ifdef MATERIAL
  vec3 emitted = emissive;
#else
  vec3 emitted = vec3(0.0);
#endif
#ifdef WITH_EMISSION
  emitted *= linear(texture(emissionImage, EMISSION_AT).rgb);
#endif
  vec3 toEye = projectionMatrix[2][3] == 0.0 ? vec3(0.0, 0.0, 1.0) : normalize(-vView);
  vec3 lightTotal = lightOn(vView, n, toEye, c.rgb, how.x, how.y, open_) + emitted * lamps[0].y;
  vec3 color = srgb(clamp(lightTotal, 0.0, 1.0));
#elif defined(STUDIO)
  // A key from above to the left, a fill from the right, a rim from behind, and soft light from all around.
  float soft = max(0.0, (dot(toward, vec3(-0.46, 0.62, 0.636)) + 0.3) / 1.3);
  float fill = max(0.0, dot(toward, vec3(0.8, 0.12, 0.588)));
  float back = max(0.0, dot(toward, vec3(0.25, 0.6, -0.76)));
  vec3 light = mix(vec3(0.2, 0.19, 0.185), vec3(0.42, 0.45, 0.48), 0.5 + 0.5 * toward.y)
    + vec3(0.98, 0.95, 0.9) * soft * soft + vec3(0.16, 0.19, 0.22) * fill + vec3(0.2, 0.22, 0.25) * back;
  vec3 color = srgb(c.rgb * light);
#else
  // A light a little above the eye, a cool fill from below; backs of faces are darker.
  float key = abs(dot(n, vec3(0.25, 0.42, 0.87)));
  float sky = 0.5 + 0.5 * n.y * (gl_FrontFacing ? 1.0 : -1.0);
  vec3 light = vec3(0.16, 0.2, 0.23) + vec3(0.1, 0.13, 0.15) * sky + vec3(0.82, 0.8, 0.76) * key;
  vec3 shade = c.rgb * light * (gl_FrontFacing ? 1.0 : 0.62);
  vec3 color = srgb(shade);
#endif
#endif
#if defined(HATCHED) && !defined(PAPER)
  color = mix(color, ink, strokes(dot(color, vec3(0.3, 0.59, 0.11)), gl_FragCoord.xy / pixel));
#endif
#ifdef EDGES
  vec3 w = fwidth(vCorner);
  vec3 far = vCorner.zxy / max(w.zxy, 1e-6);
  vec3 strength = vec3(vSides & 3, (vSides >> 2) & 3, (vSides >> 4) & 3);
#ifdef ALL
  strength = max(strength, vec3(0.6));
#endif
  vec3 half_ = (0.15 + 0.35 * strength) * pixel;
  vec3 on = (1.0 - smoothstep(half_ - 0.5, half_ + 0.5, far)) * step(0.5, strength) * (0.45 + 0.25 * strength);
  // Where edges crowd they would fill everything: they fade as triangles shrink to a few pixels.
#ifdef ALL
  // Who asks for all of them sees at least that they are many.
  float room = 1.0 - 0.65 * smoothstep(0.25, 1.0, max(w.x, max(w.y, w.z)));
#else
  float room = 1.0 - smoothstep(0.12, 0.5, max(w.x, max(w.y, w.z)));
#endif
  float edge = clamp(max(on.x, max(on.y, on.z)) * room, 0.0, 1.0);
#ifdef WIRE
  if (edge < 0.02) discard;
  color = rim.rgb;
  c.a = edge * rim.a;
#elif defined(PAPER)
  color = mix(color, rim.rgb, edge * rim.a);
#else
  color = mix(color, ink, edge);
#endif
#endif
#ifdef THROUGH
#if defined(UNLIT) || defined(PLAINLY)
  c.a *= opacity;
#else
  // More is covered where a surface turns away: one sees form.
  c.a *= mix(opacity, min(1.0, 1.7 * opacity), pow(1.0 - facing, 2.0));
#endif
#ifdef EDGES
  c.a = max(c.a, edge);
#endif
#endif
  result = vec4(color * c.a, c.a);
#ifdef WEIGHTED
  // Less with the depth: of a perspective by how many times the near plane's, of a flat view by the part of what is drawn.
  float near = projectionMatrix[3][2] / (projectionMatrix[2][2] - 1.0);
  float much = projectionMatrix[2][3] == 0.0 ? pow(1.0 - gl_FragCoord.z, 2.0) : near * gl_FragCoord.w;
  much = clamp(50.0 * much, 0.05, 50.0);
  result.rgb *= much;
  weight = vec4(c.a * much, 0.0, 0.0, c.a);
#endif
}
#endif`;
