/** Draws the path of a yarn with WebGL: tubes that pass over and under one another by their depth. */
import { NUMBERS_EACH, type YarnPath } from "../core/fabric/yarnPath";
import { channelsOf } from "../core/yarn/colour";
import { FRAGMENT, VERTEX } from "./yarnShader";

export interface YarnLook {
  /** `#rrggbb` of a piece of yarn that holds so many plain loops. */
  readonly colourOf: (loops: number) => string;
  /** Thickness of the yarn in plain stitch widths. */
  readonly thickness: number;
  /** Light that reaches what lies deepest, 0 to 1: less where the drawing is so small that only relief is seen. */
  readonly deepLight: number;
}

export interface YarnRenderer {
  /** Draws a path over the whole canvas, whose size is to be set before. */
  readonly draw: (path: YarnPath, look: YarnLook) => void;
  readonly dispose: () => void;
}

type Uniform = WebGLUniformLocation | null;

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

/** The colours of all pieces, three bytes each; each kind of stitch is looked up once. */
function coloursOf({ pieces }: YarnPath, colourOf: YarnLook["colourOf"]): Uint8Array {
  const known = new Map<number, readonly [number, number, number]>();
  const colours = new Uint8Array((pieces.length / NUMBERS_EACH) * 3);
  for (let piece = 0; piece * 3 < colours.length; piece += 1) {
    const loops = pieces[piece * NUMBERS_EACH + 7] ?? 1;
    let channels = known.get(loops);
    if (!channels) {
      channels = channelsOf(colourOf(loops));
      known.set(loops, channels);
    }
    colours.set(channels, piece * 3);
  }
  return colours;
}

/** A renderer for a canvas; null where the browser has no WebGL2. */
export function yarnRenderer(canvas: HTMLCanvasElement | OffscreenCanvas): YarnRenderer | null {
  const asked = { alpha: true, antialias: true, preserveDrawingBuffer: true };
  const gl = canvas.getContext("webgl2", asked) as WebGL2RenderingContext | null;
  if (!gl) return null;
  const program = programFor(gl);
  const [corners, pieces, colours] = [gl.createBuffer(), gl.createBuffer(), gl.createBuffer()];
  const attribute = (
    name: string,
    count: number,
    type: number,
    each: number,
    bytes: number,
    start: number,
  ) => {
    const at = gl.getAttribLocation(program, name);
    gl.enableVertexAttribArray(at);
    gl.vertexAttribPointer(at, count, type, type === gl.UNSIGNED_BYTE, bytes, start);
    gl.vertexAttribDivisor(at, each);
  };
  gl.bindBuffer(gl.ARRAY_BUFFER, corners);
  gl.bufferData(gl.ARRAY_BUFFER, new Float32Array([0, 0, 1, 0, 0, 1, 1, 1]), gl.STATIC_DRAW);
  attribute("corner", 2, gl.FLOAT, 0, 8, 0);
  gl.bindBuffer(gl.ARRAY_BUFFER, pieces);
  const bytes = NUMBERS_EACH * 4;
  attribute("from", 3, gl.FLOAT, 1, bytes, 0);
  attribute("to", 3, gl.FLOAT, 1, bytes, 12);
  attribute("place", 1, gl.FLOAT, 1, bytes, 24);
  gl.bindBuffer(gl.ARRAY_BUFFER, colours);
  attribute("colour", 3, gl.UNSIGNED_BYTE, 1, 3, 0);
  const uniform = (name: string) => gl.getUniformLocation(program, name);
  const [size, radius, depths, shade] = ["size", "radius", "depths", "shade"].map(uniform) as [
    Uniform,
    Uniform,
    Uniform,
    Uniform,
  ];
  gl.useProgram(program);
  gl.enable(gl.DEPTH_TEST);

  return {
    draw(path, { colourOf, thickness, deepLight }) {
      gl.viewport(0, 0, canvas.width, canvas.height);
      gl.clearColor(0, 0, 0, 0);
      gl.clear(gl.COLOR_BUFFER_BIT | gl.DEPTH_BUFFER_BIT);
      gl.bindBuffer(gl.ARRAY_BUFFER, pieces);
      gl.bufferData(gl.ARRAY_BUFFER, path.pieces, gl.DYNAMIC_DRAW);
      gl.bindBuffer(gl.ARRAY_BUFFER, colours);
      gl.bufferData(gl.ARRAY_BUFFER, coloursOf(path, colourOf), gl.DYNAMIC_DRAW);
      gl.uniform2f(size, path.width, path.height);
      gl.uniform1f(radius, thickness / 2);
      gl.uniform2f(depths, ...DEPTHS);
      gl.uniform1f(shade, deepLight);
      gl.drawArraysInstanced(gl.TRIANGLE_STRIP, 0, 4, path.pieces.length / NUMBERS_EACH);
    },
    dispose() {
      for (const buffer of [corners, pieces, colours]) gl.deleteBuffer(buffer);
      gl.deleteProgram(program);
      // Browsers hold a handful of contexts: one whose canvas has left the page is given back at once.
      setTimeout(() => {
        if (!("isConnected" in canvas && canvas.isConnected))
          gl.getExtension("WEBGL_lose_context")?.loseContext();
      });
    },
  };
}
