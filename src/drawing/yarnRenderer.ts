/** Draws the path of a yarn with WebGL: tubes that pass over and under one another by their depth. */
import { NUMBERS_EACH, type YarnPath } from "../core/fabric/yarnPath";
import { channelsOf } from "../core/yarn/colour";
import { PLAIN_CHARACTER, type Character } from "../core/yarn/character";
import { CORNERS, FRAGMENT, HALO_REACH, TEXELS_ACROSS, VERTEX } from "./yarnShader";

export interface YarnLook {
  /** `#rrggbb` of a piece of yarn that holds so many plain loops. */
  readonly colourOf: (loops: number) => string;
  /** Thickness of the yarn in plain stitch widths. */
  readonly thickness: number;
  /** Light that reaches what lies deepest, 0 to 1: less where the drawing is so small that only relief is seen. */
  readonly deepLight: number;
  /** How the yarn looks by its label; a plain one where nothing is said. */
  readonly character?: Character;
}

export interface YarnRenderer {
  /** Draws a path over the whole canvas, whose size is to be set before. */
  readonly draw: (path: YarnPath, look: YarnLook) => void;
  /** True where the browser has taken the context back: nothing is drawn any more. */
  readonly isLost: () => boolean;
  readonly dispose: () => void;
}

/** The back of a fabric is drawn with a yarn so much thicker, in the dark: it fills the gaps between its loops. */
const BACK = 1.6;
/** So many of its pieces are drawn as one, and more where there are many; a loop has a multiple of both. */
const backStride = (pieces: number) => (pieces > 12_000 ? 4 : 2);

/** Pixels to a stitch from which on the plies of its yarn are seen, and those at which they are seen wholly. */
const PLIES_PX = [12, 26] as const;

const fineness = (stitchPx: number) =>
  Math.min(1, Math.max(0, (stitchPx - PLIES_PX[0]) / (PLIES_PX[1] - PLIES_PX[0])));

/** Depths that a path keeps between, in plain stitch widths. */
const DEPTHS = [-1.5, 1.6] as const;

function shader(gl: WebGL2RenderingContext, kind: number, source: string): WebGLShader {
  const made = gl.createShader(kind);
  if (!made) throw new Error("no shader");
  gl.shaderSource(made, source);
  gl.compileShader(made);
  return made;
}

function programFor(gl: WebGL2RenderingContext): WebGLProgram {
  const program = gl.createProgram();
  gl.attachShader(program, shader(gl, gl.VERTEX_SHADER, VERTEX));
  gl.attachShader(program, shader(gl, gl.FRAGMENT_SHADER, FRAGMENT));
  gl.linkProgram(program);
  if (!gl.getProgramParameter(program, gl.LINK_STATUS))
    throw new Error(gl.getProgramInfoLog(program) ?? "the shader does not link");
  return program;
}

/** Numbers of one texel: red, green, blue and alpha, whatever they stand for. */
const TEXEL_NUMBERS = 4;

/** The colours of all pieces, a texel each; each kind of stitch is looked up once. */
function coloursOf({ pieces }: YarnPath, colourOf: YarnLook["colourOf"]): Uint8Array {
  const known = new Map<number, readonly [number, number, number]>();
  const colours = new Uint8Array((pieces.length / NUMBERS_EACH) * TEXEL_NUMBERS);
  for (let piece = 0; piece * TEXEL_NUMBERS < colours.length; piece += 1) {
    const loops = pieces[piece * NUMBERS_EACH + 7] ?? 1;
    let channels = known.get(loops);
    if (!channels) {
      channels = channelsOf(colourOf(loops));
      known.set(loops, channels);
    }
    colours.set(channels, piece * TEXEL_NUMBERS);
  }
  return colours;
}

/** Numbers that the vertex shader looks up for itself, in rows of `TEXELS_ACROSS`. */
function table(gl: WebGL2RenderingContext, unit: number, texel: GLenum, type: GLenum) {
  const texture = gl.createTexture();
  const bind = () => {
    gl.activeTexture(gl.TEXTURE0 + unit);
    gl.bindTexture(gl.TEXTURE_2D, texture);
  };
  bind();
  for (const filter of [gl.TEXTURE_MIN_FILTER, gl.TEXTURE_MAG_FILTER])
    gl.texParameteri(gl.TEXTURE_2D, filter, gl.NEAREST);
  return {
    texture,
    fill(data: Float32Array | Uint8Array) {
      const each = TEXEL_NUMBERS * TEXELS_ACROSS;
      const rows = Math.floor(data.length / each);
      const rest = data.subarray(rows * each);
      bind();
      gl.texImage2D(gl.TEXTURE_2D, 0, texel, TEXELS_ACROSS, rows + 1, 0, gl.RGBA, type, null);
      const put = (row: number, [width, height]: readonly [number, number], part: typeof data) =>
        part.length > 0 && gl.texSubImage2D(gl.TEXTURE_2D, 0, 0, row, width, height, gl.RGBA, type, part);
      put(0, [TEXELS_ACROSS, rows], data.subarray(0, rows * each));
      put(rows, [rest.length / TEXEL_NUMBERS, 1], rest);
    },
  };
}

/** A renderer for a canvas; null where the browser has no WebGL2. */
export function yarnRenderer(canvas: HTMLCanvasElement | OffscreenCanvas): YarnRenderer | null {
  const asked = { alpha: true, antialias: true, preserveDrawingBuffer: true };
  const gl = canvas.getContext("webgl2", asked) as WebGL2RenderingContext | null;
  if (!gl) return null;
  const program = programFor(gl);
  const pieces = table(gl, 0, gl.RGBA32F, gl.FLOAT);
  const colours = table(gl, 1, gl.RGBA8, gl.UNSIGNED_BYTE);
  const uniform = (name: string) => gl.getUniformLocation(program, name);
  const size = uniform("size");
  const radius = uniform("radius");
  const depths = uniform("depths");
  const shade = uniform("shade");
  const fine = uniform("fine");
  const behind = uniform("behind");
  const stride = uniform("stride");
  const character = uniform("character");
  const plies = uniform("plies");
  gl.useProgram(program);
  gl.uniform1i(uniform("pieces"), 0);
  gl.uniform1i(uniform("colours"), 1);
  gl.enable(gl.DEPTH_TEST);

  return {
    draw(path, { colourOf, thickness, deepLight, character: looks = PLAIN_CHARACTER }) {
      gl.viewport(0, 0, canvas.width, canvas.height);
      gl.clearColor(0, 0, 0, 0);
      gl.clear(gl.COLOR_BUFFER_BIT | gl.DEPTH_BUFFER_BIT);
      pieces.fill(path.pieces);
      colours.fill(coloursOf(path, colourOf));
      gl.uniform2f(size, path.width, path.height);
      gl.uniform2f(depths, ...DEPTHS);
      gl.uniform1f(shade, deepLight);
      gl.uniform1f(fine, fineness(canvas.width / path.width));
      gl.uniform4f(character, looks.halo, looks.sheen, looks.heather, looks.variegation);
      gl.uniform1f(plies, looks.plies);
      const all = path.pieces.length / NUMBERS_EACH;
      for (const pass of [1, 0]) {
        gl.uniform1i(behind, pass);
        gl.uniform1f(radius, (pass === 1 ? BACK : 1 + HALO_REACH * looks.halo) * (thickness / 2));
        const each = pass === 1 ? backStride(all) : 1;
        gl.uniform1i(stride, each);
        gl.drawArrays(gl.TRIANGLES, 0, CORNERS * Math.floor(all / each));
      }
    },
    isLost: () => gl.isContextLost(),
    dispose() {
      for (const { texture } of [pieces, colours]) gl.deleteTexture(texture);
      gl.deleteProgram(program);
      // Browsers hold a handful of contexts: one whose canvas has left the page is given back at once.
      setTimeout(() => {
        if (!("isConnected" in canvas && canvas.isConnected))
          gl.getExtension("WEBGL_lose_context")?.loseContext();
      });
    },
  };
}
