import * as THREE from 'three';
import { maskFragment, maskVertex, outlineFragment, outlineVertex } from './shaders';

/** The heather line round what is selected, drawn from an image of it. */
export class Outline {
  private readonly target = new THREE.WebGLRenderTarget(1, 1, { depthBuffer: true, samples: 0 });
  private readonly scene = new THREE.Scene();
  private readonly page = new THREE.Scene();
  private readonly all: THREE.ShaderMaterial;
  private readonly last: THREE.ShaderMaterial;
  private readonly lines: THREE.ShaderMaterial;

  constructor(pixel: { value: number }, tint: THREE.Vector3) {
    const mask = (last: number) =>
      new THREE.ShaderMaterial({
        glslVersion: THREE.GLSL3,
        vertexShader: maskVertex,
        fragmentShader: maskFragment,
        uniforms: { last: { value: last } },
        side: THREE.DoubleSide,
        depthTest: false,
        blending: THREE.CustomBlending,
        blendEquation: THREE.MaxEquation,
      });
    this.all = mask(0);
    this.last = mask(1);
    this.lines = new THREE.ShaderMaterial({
      glslVersion: THREE.GLSL3,
      vertexShader: outlineVertex,
      fragmentShader: outlineFragment,
      uniforms: {
        mask: { value: this.target.texture },
        box: { value: new THREE.Vector4() },
        pixel,
        tint: { value: tint },
      },
      depthTest: false,
      depthWrite: false,
      transparent: true,
      blending: THREE.CustomBlending,
      blendSrc: THREE.OneFactor,
      blendDst: THREE.OneMinusSrcAlphaFactor,
    });
    this.target.texture.minFilter = this.target.texture.magFilter = THREE.NearestFilter;
    const triangle = new THREE.BufferGeometry();
    triangle.setAttribute('position', new THREE.BufferAttribute(new Float32Array([-1, -1, 0, 3, -1, 0, -1, 3, 0]), 3));
    const full = new THREE.Mesh(triangle, this.lines);
    full.frustumCulled = false;
    this.page.add(full);
    for (const s of [this.scene, this.page]) s.matrixWorldAutoUpdate = false;
  }

  tint(color: THREE.Vector3): void {
    this.lines.uniforms.tint!.value = color;
  }

  /** Surfaces to outline; the ones of the node selected last come doubled. */
  show(picked: { node: number; mesh: THREE.Mesh }[], last: (node: number) => boolean): void {
    this.scene.clear();
    for (const { node, mesh } of picked) {
      const look = last(node) ? this.last : this.all;
      const crowd = mesh instanceof THREE.InstancedMesh ? mesh : null;
      const copy = crowd ? new THREE.InstancedMesh(mesh.geometry, look, 0) : new THREE.Mesh(mesh.geometry, look);
      if (crowd && copy instanceof THREE.InstancedMesh) {
        copy.instanceMatrix = crowd.instanceMatrix;
        copy.count = crowd.count;
        copy.frustumCulled = false;
      }
      copy.matrixAutoUpdate = false;
      copy.matrixWorldAutoUpdate = false;
      // The very matrix of the surface: when that moves, so does this.
      copy.matrixWorld = mesh.matrixWorld;
      this.scene.add(copy);
    }
  }

  get empty(): boolean {
    return this.scene.children.length === 0;
  }

  resize(width: number, height: number): void {
    this.target.setSize(width, height);
  }

  /** Draws into the canvas, or into an image of the size of {@link resize}. */
  draw(
    renderer: THREE.WebGLRenderer,
    camera: THREE.Camera,
    box: THREE.Vector4,
    into: THREE.WebGLRenderTarget | null = null,
  ): void {
    this.target.viewport.copy(box);
    (this.lines.uniforms.box!.value as THREE.Vector4).copy(box);
    this.target.scissor.copy(box);
    this.target.scissorTest = true;
    renderer.setRenderTarget(this.target);
    renderer.setClearColor(0x000000, 0);
    renderer.clear(true, true, false);
    renderer.render(this.scene, camera);
    renderer.setRenderTarget(into);
    renderer.render(this.page, camera);
  }

  dispose(): void {
    this.target.dispose();
    this.all.dispose();
    this.last.dispose();
    this.lines.dispose();
  }
}
