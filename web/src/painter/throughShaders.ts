export const throughVertex = /* glsl */ `
void main() {
  gl_Position = vec4(position.xy, 0.0, 1.0);
}`;

/** The mean of what was added up, or layers from front to back. */
export const throughFragment = /* glsl */ `
precision highp float;
uniform sampler2D layers[4];
uniform sampler2D sum;
uniform sampler2D weight;
uniform bool peeled;
uniform vec2 corner;
out vec4 result;
void main() {
  ivec2 at = ivec2(gl_FragCoord.xy - corner);
  if (peeled) {
    vec4 c = texelFetch(layers[0], at, 0);
    c += (1.0 - c.a) * texelFetch(layers[1], at, 0);
    c += (1.0 - c.a) * texelFetch(layers[2], at, 0);
    c += (1.0 - c.a) * texelFetch(layers[3], at, 0);
    result = c;
  } else {
    vec4 s = texelFetch(sum, at, 0);
    float a = 1.0 - s.a;
    result = vec4(s.rgb / max(texelFetch(weight, at, 0).r, 1e-4) * a, a);
  }
}`;
