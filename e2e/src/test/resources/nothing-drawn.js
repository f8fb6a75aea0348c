// A graphics context that takes everything and draws nothing: tests that look at no pixel need not wait for a processor that paints.
// What the page does around its drawing stays as it is.
(() => {
  const proto = WebGL2RenderingContext.prototype;
  const C = (name) => WebGL2RenderingContext[name];
  const real = HTMLCanvasElement.prototype.getContext;

  function contextOf(canvas, attributes) {
    const gl = Object.create(proto);
    const own = (name, value) => Object.defineProperty(gl, name, { value, configurable: true });
    const property = (name, get) => Object.defineProperty(gl, name, { get, configurable: true });
    let lost = false;
    for (const name of Object.getOwnPropertyNames(proto)) {
      const found = Object.getOwnPropertyDescriptor(proto, name);
      if (found.set) Object.defineProperty(gl, name, { value: 'srgb', writable: true });
      if (typeof found.value !== 'function' || name === 'constructor') continue;
      own(name, name.startsWith('create') || name === 'fenceSync' ? () => ({}) : () => null);
    }
    property('canvas', () => canvas);
    property('drawingBufferWidth', () => canvas.width);
    property('drawingBufferHeight', () => canvas.height);
    own('getContextAttributes', () => ({ alpha: true, antialias: false, depth: true, stencil: false, ...attributes }));
    own('isContextLost', () => lost);
    own('getError', () => 0);
    own('getSupportedExtensions', () => []);
    const tell = (kind) => canvas.dispatchEvent(new Event(kind, { cancelable: true }));
    const extensions = {
      WEBGL_lose_context: {
        loseContext: () => {
          if (lost) return;
          lost = true;
          setTimeout(() => tell('webglcontextlost'), 0);
        },
        restoreContext: () => {
          lost = false;
          setTimeout(() => tell('webglcontextrestored'), 0);
        },
      },
      WEBGL_debug_renderer_info: { UNMASKED_RENDERER_WEBGL: 0x9246, UNMASKED_VENDOR_WEBGL: 0x9245 },
      WEBGL_multi_draw: { multiDrawElementsWEBGL() {}, multiDrawArraysWEBGL() {} },
      EXT_color_buffer_float: {},
      EXT_color_buffer_half_float: {},
      OES_texture_float_linear: {},
    };
    own('getExtension', (name) => extensions[name] ?? null);
    own('getParameter', (what) => {
      switch (what) {
        case C('VERSION'):
          return 'WebGL 2.0';
        case C('SHADING_LANGUAGE_VERSION'):
          return 'WebGL GLSL ES 3.00';
        case C('VENDOR'):
        case C('RENDERER'):
        case 0x9245:
        case 0x9246:
          return 'nothing';
        case C('SCISSOR_BOX'):
        case C('VIEWPORT'):
          return new Int32Array([0, 0, canvas.width, canvas.height]);
        default:
          return 4096;
      }
    });
    own('getShaderPrecisionFormat', () => ({ rangeMin: 127, rangeMax: 127, precision: 23 }));
    own('getShaderParameter', () => true);
    own('getShaderInfoLog', () => '');
    own('getProgramInfoLog', () => '');
    own('getProgramParameter', (_, what) =>
      [C('ACTIVE_UNIFORMS'), C('ACTIVE_ATTRIBUTES'), C('ACTIVE_UNIFORM_BLOCKS')].includes(what) ? 0 : true,
    );
    own('getAttribLocation', () => -1);
    own('checkFramebufferStatus', () => C('FRAMEBUFFER_COMPLETE'));
    own('getSyncParameter', () => C('SIGNALED'));
    own('clientWaitSync', () => C('CONDITION_SATISFIED'));
    return gl;
  }

  // A browser without a window gives the pointer away and then tells of no motion; one that refuses is what it has to be like.
  Element.prototype.requestPointerLock = () => Promise.reject(new DOMException('There is no window.', 'NotSupportedError'));

  const contexts = new WeakMap();
  HTMLCanvasElement.prototype.getContext = function (kind, ...rest) {
    if (kind !== 'webgl2') return real.call(this, kind, ...rest);
    if (!contexts.has(this)) contexts.set(this, contextOf(this, rest[0]));
    return contexts.get(this);
  };
})();
