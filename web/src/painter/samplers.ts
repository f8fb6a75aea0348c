import * as THREE from 'three';
import type { Material } from '../core';

/** What glTF 2.0 numbers (as WebGL does), in the library's numbers. */
const WRAPS: Record<number, THREE.Wrapping> = {
  10497: THREE.RepeatWrapping,
  33071: THREE.ClampToEdgeWrapping,
  33648: THREE.MirroredRepeatWrapping,
};
const LARGE: Record<number, THREE.MagnificationTextureFilter> = {
  9728: THREE.NearestFilter,
  9729: THREE.LinearFilter,
};
const SMALL: Record<number, THREE.MinificationTextureFilter> = {
  9728: THREE.NearestFilter,
  9729: THREE.LinearFilter,
  9984: THREE.NearestMipmapNearestFilter,
  9985: THREE.LinearMipmapNearestFilter,
  9986: THREE.NearestMipmapLinearFilter,
  9987: THREE.LinearMipmapLinearFilter,
};

/** Lets a texture go on beyond its edges and between its dots as the file has it. */
export function sampled(texture: THREE.Texture, image: NonNullable<Material['image']>): void {
  texture.wrapS = WRAPS[image.wrapU]!;
  texture.wrapT = WRAPS[image.wrapV]!;
  texture.magFilter = LARGE[image.magnify]!;
  texture.minFilter = SMALL[image.minify]!;
}
