import * as THREE from 'three';
import { lineFragment, lineVertex } from './shaders';

const CORNERS = new Float32Array([0, -1, 0, 1, -1, 0, 1, 1, 0, 0, 1, 0]);

/** Quads for lines given as both ends and a sort each. */
export function lineGeometry(
  from: THREE.BufferAttribute | THREE.InterleavedBufferAttribute,
  to: THREE.BufferAttribute | THREE.InterleavedBufferAttribute,
  sort: THREE.BufferAttribute | THREE.InterleavedBufferAttribute,
  count: number,
): THREE.InstancedBufferGeometry {
  const g = new THREE.InstancedBufferGeometry();
  g.setIndex([0, 1, 2, 0, 2, 3]);
  g.setAttribute('position', new THREE.BufferAttribute(CORNERS, 3));
  g.setAttribute('from', from);
  g.setAttribute('to', to);
  g.setAttribute('sort', sort);
  g.instanceCount = count;
  return g;
}

export interface LineLook {
  /** Colour and opacity by sort. */
  tints: THREE.Vector4[];
  /** Width in CSS pixels by sort. */
  widths: number[];
  /** Whether lines are relative to the eye. */
  relative: boolean;
  /** Whether surfaces hide them. */
  hidden: boolean;
}

/** A material for lines of constant width at any pixel ratio. */
export function lineMaterial(look: LineLook, halfSize: THREE.Vector2, pixel: { value: number }): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    glslVersion: THREE.GLSL3,
    vertexShader: lineVertex,
    fragmentShader: lineFragment,
    defines: look.relative ? { RELATIVE: 1 } : {},
    uniforms: {
      halfSize: { value: halfSize },
      pixel,
      tints: { value: look.tints },
      widths: { value: look.widths },
      fading: { value: new THREE.Vector4() },
    },
    transparent: true,
    depthWrite: false,
    depthTest: look.hidden,
    side: THREE.DoubleSide,
    blending: THREE.CustomBlending,
    blendSrc: THREE.OneFactor,
    blendDst: THREE.OneMinusSrcAlphaFactor,
  });
}
