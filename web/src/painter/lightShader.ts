/**
 * Materials as glTF 2.0 describes them in its appendix B: a diffuse part and a specular one (Trowbridge and Reitz's distribution,
 * Smith's visibility, Schlick's Fresnel), lit by what the core tells in rows, see `Lighting.numbers`. The rest, a plain sky and ground,
 * is mirrored by an analytic fit of the specular part (Karis 2014).
 */
export const lit = /* glsl */ `
#ifdef LAMPS
uniform vec4 lamps[41];
uniform highp sampler2DShadow shadow;
const float PI = 3.14159265359;

float seenByLight(vec3 place, vec3 n) {
  mat4 m = mat4(lamps[36], lamps[37], lamps[38], lamps[39]);
  vec4 s = m * vec4(place + n * lamps[40].x * 1.5, 1.0);
  vec3 at = s.xyz / s.w;
  if (s.w <= 0.0 || any(lessThan(at, vec3(0.0))) || any(greaterThan(at, vec3(1.0)))) return 1.0;
  at.z -= lamps[40].y;
  vec2 step_ = 0.75 / vec2(textureSize(shadow, 0));
  float sum = texture(shadow, vec3(at.xy + step_ * vec2(-1.0, -0.4), at.z));
  sum += texture(shadow, vec3(at.xy + step_ * vec2(0.4, -1.0), at.z));
  sum += texture(shadow, vec3(at.xy + step_ * vec2(1.0, 0.4), at.z));
  sum += texture(shadow, vec3(at.xy + step_ * vec2(-0.4, 1.0), at.z));
  return sum / 4.0;
}

/** Light from a direction that goes on to the eye, for one lux on what faces it. */
vec3 reflected(vec3 n, vec3 v, vec3 l, vec3 diffuse, vec3 f0, float alpha) {
  vec3 h = normalize(v + l);
  float nl = max(dot(n, l), 0.0);
  float nv = max(abs(dot(n, v)), 1e-4);
  float nh = max(dot(n, h), 0.0);
  float a2 = alpha * alpha;
  float d = nh * nh * (a2 - 1.0) + 1.0;
  float spread = a2 / (PI * d * d);
  float visible = 0.5 / max(nl * sqrt(nv * nv * (1.0 - a2) + a2) + nv * sqrt(nl * nl * (1.0 - a2) + a2), 1e-6);
  vec3 f = f0 + (1.0 - f0) * pow(1.0 - max(dot(v, h), 0.0), 5.0);
  return ((1.0 - f) * diffuse / PI + f * spread * visible) * nl;
}

vec3 around(vec3 n, vec3 v, vec3 diffuse, vec3 f0, float rough) {
  vec3 up = lamps[3].xyz;
  vec3 r = reflect(-v, n);
  vec3 mirrored = mix(lamps[2].rgb, lamps[1].rgb, smoothstep(-0.15 - rough, 0.15 + rough, dot(r, up)));
  vec4 k = rough * vec4(-1.0, -0.0275, -0.572, 0.022) + vec4(1.0, 0.0425, 1.04, -0.04);
  float a = min(k.x * k.x, exp2(-9.28 * abs(dot(n, v)))) * k.x + k.y;
  vec2 fit = vec2(-1.04, 1.04) * a + k.zw;
  return mix(lamps[2].rgb, lamps[1].rgb, 0.5 + 0.5 * dot(n, up)) * diffuse + mirrored * (f0 * fit.x + fit.y);
}

vec3 lightOn(vec3 place, vec3 n, vec3 v, vec3 base, float metallic, float rough, float occlusion) {
  vec3 diffuse = base * (1.0 - metallic);
  vec3 f0 = mix(vec3(0.04), base, metallic);
  float alpha = max(rough * rough, 0.002);
  vec3 sum = vec3(0.0);
  for (int i = 0; i < int(lamps[0].x); i++) {
    vec4 color = lamps[4 + i * 4];
    vec4 at = lamps[5 + i * 4];
    vec4 toward = lamps[6 + i * 4];
    vec3 l = -toward.xyz;
    float lux = 1.0;
    if (color.w > 0.5) {
      vec3 ray = at.xyz - place;
      float d2 = max(dot(ray, ray), 1e-8);
      l = ray * inversesqrt(d2);
      lux = 1.0 / d2;
      if (at.w > 0.0) {
        float part = d2 / (at.w * at.w);
        lux *= clamp(1.0 - part * part, 0.0, 1.0);
      }
      if (color.w > 1.5) {
        float cone = clamp(dot(toward.xyz, -l) * toward.w + lamps[7 + i * 4].x, 0.0, 1.0);
        lux *= cone * cone;
      }
    }
    if (dot(n, l) <= 0.0 || lux <= 0.0) continue;
    if (i == int(lamps[0].w)) lux *= seenByLight(place, n);
    sum += color.rgb * lux * reflected(n, v, l, diffuse, f0, alpha);
  }
  return sum * lamps[0].y + around(n, v, diffuse, f0, rough) * occlusion * lamps[0].z;
}

#ifdef WITH_NORMALS
/** A frame along the picture's axes, from how place and coordinates change on the screen. */
vec3 bumped(vec3 n, vec3 place, vec2 uv, vec3 bump) {
  vec3 px = dFdx(place);
  vec3 py = dFdy(place);
  vec2 ux = dFdx(uv);
  vec2 uy = dFdy(uv);
  vec3 a = cross(py, n);
  vec3 b = cross(n, px);
  vec3 t = a * ux.x + b * uy.x;
  vec3 s = a * ux.y + b * uy.y;
  float scale = inversesqrt(max(max(dot(t, t), dot(s, s)), 1e-20));
  // In pictures of glTF the second axis goes up, while coordinates go down.
  return normalize(mat3(t * scale, -s * scale, n) * bump);
}
#endif
#endif
`;
