import * as THREE from 'three';

/** Over what is there, of colours that are multiplied by their opacity. */
export const OVER = {
  transparent: true,
  depthWrite: false,
  blending: THREE.CustomBlending,
  blendSrc: THREE.OneFactor,
  blendDst: THREE.OneMinusSrcAlphaFactor,
} as const;
