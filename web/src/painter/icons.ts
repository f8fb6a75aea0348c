import * as THREE from 'three';
import { OVER } from './blending';
import type { Palette } from './palette';
import { Form } from './passes';

/** Side of a mark, CSS pixels. */
const SIDE = 26;

const vertex = /* glsl */ `
uniform vec2 size;
uniform float pixel;
in vec4 icon;
flat out int vKind;
flat out int vState;
void main() {
  vKind = int(icon.z);
  vState = int(icon.w);
  gl_Position = vec4(icon.x / size.x * 2.0 - 1.0, 1.0 - icon.y / size.y * 2.0, 0.0, 1.0);
  gl_PointSize = ${SIDE}.0 * pixel;
}`;

/** A plate with the sign of a camera or a light, drawn by distances from its lines. */
const fragment = /* glsl */ `
precision highp float;
uniform float pixel;
uniform vec3 panel;
uniform vec3 quiet;
uniform vec3 ink;
uniform vec3 pick;
uniform vec3 caution;
uniform vec3 onCaution;
flat in int vKind;
flat in int vState;
out vec4 result;
float line(vec2 p, vec2 a, vec2 b) {
  vec2 ab = b - a;
  return length(p - a - ab * clamp(dot(p - a, ab) / dot(ab, ab), 0.0, 1.0));
}
float cover(float distance, float width) {
  return clamp((width * 0.5 - distance) * pixel + 0.5, 0.0, 1.0);
}
void main() {
  vec2 p = (gl_PointCoord - 0.5) * ${SIDE}.0;
  float d = (abs(p.x) + abs(p.y) - 11.0) * 0.70710678;
  bool selected = (vState & 1) != 0;
  bool driven = (vState & 4) != 0;
  vec4 c = vec4(driven ? caution : panel, driven ? 1.0 : 0.78) * clamp(0.5 - d * pixel, 0.0, 1.0);
  c.rgb = c.rgb / max(c.a, 1e-4);
  float sign = 1e3;
  if (vKind == 1) {
    sign = min(line(p, vec2(-5, -3), vec2(2, -3)), line(p, vec2(-5, 3), vec2(2, 3)));
    sign = min(sign, min(line(p, vec2(-5, -3), vec2(-5, 3)), line(p, vec2(2, -3), vec2(2, 3))));
    sign = min(sign, min(line(p, vec2(2, -1), vec2(5, -3)), line(p, vec2(5, -3), vec2(5, 3))));
    sign = min(sign, line(p, vec2(5, 3), vec2(2, 1)));
  } else {
    sign = abs(abs(p.x) + abs(p.y) - 3.0) * 0.70710678;
    vec2 q = abs(p);
    sign = min(sign, min(line(q, vec2(5, 0), vec2(7, 0)), line(q, vec2(0, 5), vec2(0, 7))));
  }
  float on = cover(sign, 1.3);
  c = vec4(mix(c.rgb, driven ? onCaution : ink, on), max(c.a, on));
  float edge = cover(abs(d), selected ? 2.4 : 1.2);
  c = vec4(mix(c.rgb, selected ? pick : quiet, edge), max(c.a, edge));
  c.a *= (vState & 2) != 0 ? 0.55 : 1.0;
  result = vec4(c.rgb * c.a, c.a);
}`;

/** The marks of lights and cameras: they are drawn with the picture, so that nothing lies over it that moves with the view. */
export class Icons {
  readonly points: THREE.Points;
  private readonly material: THREE.ShaderMaterial;
  private room = 0;

  constructor(pixel: { value: number }, palette: Palette) {
    this.material = new THREE.ShaderMaterial({
      glslVersion: THREE.GLSL3,
      vertexShader: vertex,
      fragmentShader: fragment,
      uniforms: {
        pixel,
        size: { value: new THREE.Vector2(1, 1) },
        ...Object.fromEntries(Object.entries(palette.marks).map(([k, v]) => [k, { value: v }])),
      },
      ...OVER,
      depthTest: false,
    });
    this.points = new THREE.Points(new THREE.BufferGeometry(), this.material);
    this.points.frustumCulled = false;
    this.points.matrixAutoUpdate = false;
    this.points.matrixWorldAutoUpdate = false;
    this.points.layers.set(Form.icons);
    // Over everything.
    this.points.renderOrder = 300;
  }

  theme(palette: Palette): void {
    for (const [k, v] of Object.entries(palette.marks)) this.material.uniforms[k]!.value = v;
  }

  /** Makes ready the marks of a view of so many CSS pixels: four numbers each, as the core gives them. */
  set(marks: Float32Array, width: number, height: number): void {
    const count = marks.length / 4;
    this.points.visible = count > 0;
    if (count === 0) return;
    const g = this.points.geometry;
    if (count > this.room) {
      this.room = Math.max(16, count * 2);
      g.dispose();
      const a = new THREE.BufferAttribute(new Float32Array(this.room * 4), 4).setUsage(THREE.DynamicDrawUsage);
      g.setAttribute('icon', a);
      // The library asks for positions, if only to count them.
      g.setAttribute('position', a);
    }
    const a = g.getAttribute('icon') as THREE.BufferAttribute;
    a.array.set(marks);
    a.needsUpdate = true;
    g.setDrawRange(0, count);
    (this.material.uniforms.size!.value as THREE.Vector2).set(width, height);
  }

  dispose(): void {
    this.points.geometry.dispose();
    this.material.dispose();
  }
}
