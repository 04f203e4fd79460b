/** The yarn as round tubes: each straight piece is a quad, its roundness and depth are calculated per pixel. */

/** Texels in a row of the tables that hold the pieces and their colours. */
export const TEXELS_ACROSS = 2048;
/** How far the longest fuzz stands out of a yarn, in its radii. */
export const HALO_REACH = 0.45;
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
// Halo, sheen, heather and variegation, 0 to 1; how many plies there are.
uniform vec4 character;
uniform float plies;
out vec4 pixel;

const vec3 LIGHT = normalize(vec3(-0.45, 0.55, 0.7));
const float TWIST = 15.0;

// A number between 0 and 1 that is another at each place.
float scatter(vec2 place) {
  return fract(sin(dot(place, vec2(12.9898, 78.233))) * 43758.5453);
}

void main() {
  vec2 way = end.xy - start.xy;
  float far = max(length(way), 1e-5);
  vec2 ahead = way / far;
  float walking = dot(at - start.xy, ahead);
  float walked = clamp(walking, 0.0, far);
  vec2 off = at - start.xy - walked * ahead;
  // Fuzz reaches further than the yarn itself, hair by hair, and thins out.
  float core = behind ? 1.0 : 1.0 / (1.0 + ${HALO_REACH} * character.x);
  float reach = length(off) / (radius * core);
  if (reach > 1.0) {
    float hair = scatter(floor(vec2(40.0 * (along + walking) + 9.0 * reach, 3.0 * sign(off.x + off.y))));
    if (reach * core > 1.0 || hair > 0.55 * character.x * (1.0 - (reach - 1.0) / (1.0 / core - 1.0 + 1e-4))) discard;
    reach = 0.8;
  }
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

  vec3 facing = normalize(vec3(off / (radius * core), up));
  float across = dot(vec2(-ahead.y, ahead.x), off) / (radius * core);
  // Plies: shallow grooves that wind round the yarn, the more of them the shallower; a single has none.
  float groove = plies < 1.5 ? 0.0 : 2.0 / max(plies, 2.0);
  float turns = 1.414 * sqrt(plies);
  float ply = groove * sin(turns * (TWIST * (along + walked) - 3.25 * asin(clamp(across, -0.99, 0.99))));
  float lit = 0.42 + 0.86 * max(dot(facing, LIGHT), 0.0);
  lit *= 1.0 + fine * (0.11 * ply - 0.03);
  // What lies deep gets less light, and so does the rim where one yarn presses on another.
  lit *= mix(shade, 1.06, smoothstep(0.36, 0.66, share)) * mix(0.6, 1.0, smoothstep(0.0, 0.55, up));
  // Fuzz scatters the light: what is light and what is dark come nearer to one another.
  lit = mix(lit, 0.86, 0.4 * character.x);
  vec3 colour = dye;
  if (character.z > 0.0) {
    // Fibres lie along the yarn, each of its own shade.
    float fibre = scatter(floor(vec2(9.0 * (along + walked), 4.0 * across + 2.0 * ply)));
    colour *= 1.0 + 0.55 * character.z * (fibre - 0.5);
  }
  if (character.w > 0.0) {
    float turn = 0.5 + 0.5 * sin(0.55 * along) * sin(0.21 * along + 1.0);
    colour = mix(colour, mix(dye.gbr, vec3(dot(dye, vec3(0.4))), 0.4), 0.75 * character.w * turn);
  }
  float shine = pow(max(dot(facing, LIGHT), 0.0), mix(12.0, 26.0, character.y));
  pixel = vec4(min(colour * lit, 1.0) + mix(0.03, 0.3, character.y) * (1.0 - 0.6 * character.x) * shine, 1.0);
}`;
