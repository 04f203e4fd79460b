/** The yarn as round tubes: each straight piece is a quad, its roundness and depth are calculated per pixel. */

/** Texels in a row of the tables that hold the pieces and their colours. */
export const TEXELS_ACROSS = 2048;
/** Two triangles to a piece. */
export const CORNERS = 6;

// The pieces are looked up rather than drawn as instances: instances of four corners each are slow on many machines,
// and many times slower where there is no graphics card.
export const VERTEX = `#version 300 es
precision highp float;
precision highp sampler2D;
uniform sampler2D pieces;
uniform sampler2D colours;
uniform vec2 size;
uniform float radius;
uniform int stride;
out vec2 at;
flat out vec3 start;
flat out vec3 end;
flat out float along;
flat out vec3 dye;

const vec2 CORNER[${CORNERS}] = vec2[](
  vec2(0.0, 0.0), vec2(1.0, 0.0), vec2(0.0, 1.0), vec2(0.0, 1.0), vec2(1.0, 0.0), vec2(1.0, 1.0)
);

vec4 found(sampler2D table, int index) {
  return texelFetch(table, ivec2(index % ${TEXELS_ACROSS}, index / ${TEXELS_ACROSS}), 0);
}

void main() {
  int piece = gl_VertexID / ${CORNERS} * stride;
  vec2 corner = CORNER[gl_VertexID % ${CORNERS}];
  vec4 first = found(pieces, 2 * piece);
  vec4 second = found(pieces, 2 * piece + 1);
  vec3 from = first.xyz;
  int last = piece + stride - 1;
  vec3 to = vec3(found(pieces, 2 * last).w, found(pieces, 2 * last + 1).xy);
  vec2 way = to.xy - from.xy;
  float far = length(way);
  vec2 ahead = far > 1e-5 ? way / far : vec2(1.0, 0.0);
  vec2 aside = vec2(-ahead.y, ahead.x);
  at = mix(from.xy, to.xy, corner.x) + radius * ((2.0 * corner.x - 1.0) * ahead + (2.0 * corner.y - 1.0) * aside);
  start = from;
  end = to;
  along = second.z;
  dye = found(colours, piece).rgb;
  gl_Position = vec4(2.0 * at / size - 1.0, 0.0, 1.0);
}`;

export const FRAGMENT = `#version 300 es
precision highp float;
in vec2 at;
flat in vec3 start;
flat in vec3 end;
flat in float along;
flat in vec3 dye;
uniform float radius;
uniform vec2 depths;
uniform float shade;
uniform float fine;
uniform bool behind;
out vec4 pixel;

const vec3 LIGHT = normalize(vec3(-0.45, 0.55, 0.7));
const float TWIST = 30.0;

void main() {
  vec2 way = end.xy - start.xy;
  float far = max(length(way), 1e-5);
  vec2 ahead = way / far;
  float walking = dot(at - start.xy, ahead);
  float walked = clamp(walking, 0.0, far);
  vec2 off = at - start.xy - walked * ahead;
  float reach = length(off) / radius;
  if (reach > 1.0) discard;
  float up = sqrt(1.0 - reach * reach);
  // Behind its end a piece gives way to the one that goes on from there.
  float beyond = max(max(-walking, walking - far), 0.0);
  float height = mix(start.z, end.z, walked / far) + radius * up - 0.4 * beyond;
  float share = (height - depths.x) / (depths.y - depths.x);
  // Through the gaps of a fabric its own back is seen, in the dark.
  gl_FragDepth = behind ? 1.0 - 0.02 * share : 0.98 - 0.98 * clamp(share, 0.0, 1.0);
  if (behind) {
    pixel = vec4(dye * 0.26, 1.0);
    return;
  }

  vec3 facing = normalize(vec3(off / radius, up));
  float across = dot(vec2(-ahead.y, ahead.x), off) / radius;
  // Two plies: a shallow groove that winds round the yarn, and finer fibres beside it.
  float ply = sin(TWIST * (along + walked) - 6.5 * asin(clamp(across, -0.99, 0.99)));
  float lit = 0.42 + 0.86 * max(dot(facing, LIGHT), 0.0);
  lit *= 1.0 + fine * (0.11 * ply - 0.03);
  // What lies deep gets less light, and so does the rim where one yarn presses on another.
  lit *= mix(shade, 1.06, smoothstep(0.36, 0.66, share)) * mix(0.6, 1.0, smoothstep(0.0, 0.55, up));
  pixel = vec4(min(dye * lit, 1.0) + 0.05 * pow(max(dot(facing, LIGHT), 0.0), 12.0), 1.0);
}`;
