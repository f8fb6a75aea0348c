/** WebGL gives the lowest row first. */
export function upright(
  pixels: Uint8ClampedArray<ArrayBuffer>,
  width: number,
  height: number,
): Uint8ClampedArray<ArrayBuffer> {
  const out = new Uint8ClampedArray(pixels.length);
  const row = width * 4;
  for (let y = 0; y < height; y++) out.set(pixels.subarray(y * row, (y + 1) * row), (height - 1 - y) * row);
  return out;
}

interface Image {
  frame: WebGLFramebuffer;
  store: WebGLRenderbuffer;
  width: number;
  height: number;
}

function image(gl: WebGL2RenderingContext, width: number, height: number): Image {
  const store = gl.createRenderbuffer()!;
  gl.bindRenderbuffer(gl.RENDERBUFFER, store);
  gl.renderbufferStorage(gl.RENDERBUFFER, gl.RGBA8, width, height);
  const frame = gl.createFramebuffer()!;
  gl.bindFramebuffer(gl.DRAW_FRAMEBUFFER, frame);
  gl.framebufferRenderbuffer(gl.DRAW_FRAMEBUFFER, gl.COLOR_ATTACHMENT0, gl.RENDERBUFFER, store);
  return { frame, store, width, height };
}

/** Resolves once the graphics card has done all it was told; false if it never will. */
function done(gl: WebGL2RenderingContext, fence: WebGLSync): Promise<boolean> {
  return new Promise((resolve) => {
    const look = () => {
      const state = gl.clientWaitSync(fence, 0, 0);
      if (state === gl.TIMEOUT_EXPIRED) window.setTimeout(look, 12);
      else resolve(state !== gl.WAIT_FAILED);
    };
    window.setTimeout(look, 12);
  });
}

/**
 * A rectangle of the canvas, in its own pixels from the lower left, made small. Orders are given at once and the result is
 * fetched when it is there, so that no frame waits for it; `timed` runs the fetching.
 */
export async function copySmall(
  gl: WebGL2RenderingContext,
  from: { x: number; y: number; width: number; height: number },
  width: number,
  height: number,
  timed: <T>(step: () => T) => T = (step) => step(),
): Promise<ImageData | null> {
  const [x, y] = [Math.floor(from.x), Math.floor(from.y)];
  let w = Math.max(1, Math.floor(from.width));
  let h = Math.max(1, Math.floor(from.height));
  gl.disable(gl.SCISSOR_TEST);
  // First as it is, since a smoothed canvas cannot be scaled on the way; then by halves, which blurs no edge away.
  const images = [image(gl, w, h)];
  gl.bindFramebuffer(gl.READ_FRAMEBUFFER, null);
  gl.blitFramebuffer(x, y, x + w, y + h, 0, 0, w, h, gl.COLOR_BUFFER_BIT, gl.NEAREST);
  while (w !== width || h !== height) {
    const small = w < width * 2;
    const next = image(gl, small ? width : w >> 1, small ? height : Math.max(1, h >> 1));
    gl.bindFramebuffer(gl.READ_FRAMEBUFFER, images.at(-1)!.frame);
    gl.blitFramebuffer(0, 0, w, h, 0, 0, next.width, next.height, gl.COLOR_BUFFER_BIT, gl.LINEAR);
    [w, h] = [next.width, next.height];
    images.push(next);
  }
  const buffer = gl.createBuffer()!;
  gl.bindFramebuffer(gl.READ_FRAMEBUFFER, images.at(-1)!.frame);
  gl.bindBuffer(gl.PIXEL_PACK_BUFFER, buffer);
  gl.bufferData(gl.PIXEL_PACK_BUFFER, width * height * 4, gl.STREAM_READ);
  gl.readPixels(0, 0, width, height, gl.RGBA, gl.UNSIGNED_BYTE, 0);
  gl.bindBuffer(gl.PIXEL_PACK_BUFFER, null);
  gl.bindFramebuffer(gl.FRAMEBUFFER, null);
  gl.bindRenderbuffer(gl.RENDERBUFFER, null);
  gl.enable(gl.SCISSOR_TEST);
  const fence = gl.fenceSync(gl.SYNC_GPU_COMMANDS_COMPLETE, 0)!;
  gl.flush();
  const came = await done(gl, fence);
  return timed(() => {
    const pixels = new Uint8ClampedArray(width * height * 4);
    if (came) {
      gl.bindBuffer(gl.PIXEL_PACK_BUFFER, buffer);
      gl.getBufferSubData(gl.PIXEL_PACK_BUFFER, 0, pixels);
      gl.bindBuffer(gl.PIXEL_PACK_BUFFER, null);
    }
    gl.deleteSync(fence);
    gl.deleteBuffer(buffer);
    for (const i of images) {
      gl.deleteFramebuffer(i.frame);
      gl.deleteRenderbuffer(i.store);
    }
    return came && !gl.isContextLost() ? new ImageData(upright(pixels, width, height), width, height) : null;
  });
}
