/** The same twenty patterns put together section by section, as a knitter would by hand: both take the same yarn. */
import { readFileSync } from "node:fs";
import path from "node:path";
import { Engine } from "../engine/engine";
import { seenOf } from "../engine/seen";
import type { GroundId } from "../panels/grounds";
import type { Project } from "../project/project";
import { newSection, type ProjectSection } from "../project/sections";
import { toEnd } from "../steps";
import { readWhole } from "./readWhole";

type Made = (id: string) => ProjectSection;
type Extent =
  | { readonly by: "rows"; readonly rows: number }
  | { readonly by: "length"; readonly lengthMm: number }
  | { readonly by: "repeats"; readonly repeats: number };

interface Piece {
  readonly times?: number;
  readonly round?: true;
  readonly sections: readonly Made[];
}

/** Its panels by name, and its pieces. */
interface ByHand {
  readonly panels?: Readonly<Record<string, string>>;
  readonly pieces: readonly Piece[];
}

/** As it is typed, to a hundredth of a millimetre. */
const cm = (length: number): Extent => ({ by: "length", lengthMm: Math.round(1000 * length) / 100 });
const rows = (count: number): Extent => ({ by: "rows", rows: count });
const repeats = (count: number): Extent => ({ by: "repeats", repeats: count });

const on =
  (stitches: number, needleMm: number | null = null): Made =>
  (id) =>
    newSection("castOn", id, { stitches, needleMm });
const ground =
  (of: GroundId, extent: Extent, needleMm: number | null = null): Made =>
  (id) =>
    newSection("fabric", id, { content: "ground", ground: of, needleMm, ...extent });
const st = (extent: Extent, needleMm: number | null = null) => ground("stockinette", extent, needleMm);
const garter = (extent: Extent, needleMm: number | null = null) => ground("garter", extent, needleMm);
const rib = (extent: Extent, needleMm: number | null = null) => ground("rib2", extent, needleMm);
const rib1 = (extent: Extent, needleMm: number | null = null) => ground("rib1", extent, needleMm);
type Across = readonly (readonly [panelId: string, times: number])[];
const panels =
  (across: Across, extent: Extent): Made =>
  (id) =>
    newSection("fabric", id, {
      content: "panels",
      edge: 0,
      across: across.map(([panelId, times]) => ({ panelId, times, joined: "repeat" as const })),
      ...extent,
    });
const even =
  (extent: Extent): Made =>
  (id) =>
    newSection("fabric", id, { content: "asBefore", ...extent });
const off =
  (needleMm: number | null = null): Made =>
  (id) =>
    newSection("castOff", id, { needleMm });
const hold: Made = (id) => newSection("hold", id);
const offAt =
  (stitches: number, at: "edges" | "outer" | "inner" = "edges"): Made =>
  (id) =>
    newSection("castOffAt", id, { stitches, at });
const shape =
  (way: "decrease" | "increase", at: "edges" | "outer" | "inner", every: number, times: number): Made =>
  (id) =>
    newSection("shape", id, { way, at, by: "rule", stitches: at === "edges" ? 2 : 1, every, times });
const dec = (at: "edges" | "outer" | "inner", every: number, times: number) =>
  shape("decrease", at, every, times);
const inc = (every: number, times: number) => shape("increase", "edges", every, times);
const to =
  (stitches: number, needleMm: number | null = null): Made =>
  (id) =>
    newSection("change", id, { to: stitches, needleMm });
const divide =
  (centre: number, centreTo: "castOff" | "hold"): Made =>
  (id) =>
    newSection("divide", id, { centre, centreTo });
const pick =
  (stitches: number, needleMm: number | null, held = false): Made =>
  (id) =>
    newSection("pickUp", id, { stitches, needleMm, held });
const rowsAsWritten =
  (text: string): Made =>
  (id) =>
    newSection("written", id, { text });

/** A front and a back that begin alike. */
const lowerVest = [on(78, 4), rib1(cm(6), 4), st(cm(28)), offAt(4)];
const lowerGansey = [on(94, 4), rib(cm(6), 4), panels([["body", 1]], cm(34)), offAt(6), dec("edges", 2, 4)];
const lowerJumper = (r: number) => [
  on(92, 4),
  rib(cm(6), 4),
  to(96, 4),
  st(rows(1), 4),
  panels(
    [
      ["stockinette", 18],
      ["a", 1],
      ["stockinette", 36],
      ["a", 1],
      ["stockinette", 18],
    ],
    cm(32 - 2 * r),
  ),
  offAt(4),
  dec("edges", 2, 4),
];
const cardiganFront = (r: number) => ({
  sections: [
    on(42, 4),
    rib(rows(18), 4),
    st(cm(37 - 18 * r)),
    offAt(6, "outer"),
    even(rows(1)),
    dec("outer", 2, 5),
    even(cm(14 - 12 * r)),
    offAt(6, "inner"),
    dec("inner", 2, 6),
    even(cm(7 - 13 * r)),
    off(),
  ],
});
const babyFront = (r: number) => ({
  sections: [
    on(28, 3.75),
    garter(rows(10), 3.75),
    st(cm(14 - 10 * r)),
    offAt(3, "outer"),
    dec("inner", 1, 1),
    dec("inner", 2, 10),
    even(cm(11 - 22 * r)),
    off(),
  ],
});
const babyBand = { sections: [pick(46, 3.75), garter(rows(6), 3.75), off(3.75)] };
const cowlEdge = [ground("reverse", rows(1)), st(rows(1)), ground("reverse", rows(1))];

/** Each for its first size; `r` is the height of a plain row in cm. */
const BY_HAND: Readonly<Record<string, (r: number) => ByHand>> = {
  scarf: (r) => ({
    panels: {
      rope: "Row 1: K3, p2, k6, p2, k3.\nRow 2: P3, k2, p6, k2, p3.\nRow 3: K3, p2, 3/3 LC, p2, k3.\nRow 4: P3, k2, p6, k2, p3.\nRow 5: K3, p2, k6, p2, k3.\nRow 6: P3, k2, p6, k2, p3.",
    },
    pieces: [
      { sections: [on(32), garter(rows(6)), panels([["rope", 2]], cm(148 - 6 * r)), garter(rows(6)), off()] },
    ],
  }),
  hat: (r) => ({
    pieces: [
      {
        round: true,
        sections: [
          on(112, 3.5),
          rib(rows(12), 3.5),
          st(cm(16 - 12 * r)),
          rowsAsWritten(
            "Rnd 1: [K6, k2tog] 14 times.\nRnd 2: K98.\nRnd 3: [K5, k2tog] 14 times.\nRnd 4: K84.\nRnd 5: [K2tog] 42 times.\nRnd 6: [K2tog] 21 times.",
          ),
          off(),
        ],
      },
    ],
  }),
  vest: (r) => ({
    pieces: [
      { sections: [...lowerVest, dec("edges", 2, 5), even(cm(22 - 12 * r)), offAt(7), offAt(7), off()] },
      {
        sections: [
          ...lowerVest,
          divide(0, "castOff"),
          dec("outer", 2, 5),
          dec("inner", 2, 16),
          even(cm(22 - 45 * r)),
          off(),
        ],
      },
      { round: true, sections: [pick(132, 4), rib1(rows(6), 4), off(4)] },
      { times: 2, sections: [pick(96, 4), rib1(rows(5), 4), off(4)] },
    ],
  }),
  mitts: () => ({
    panels: { rope: "Rnd 1: K6, p2, k2, p2.\nRnd 2: 3/3 LC, p2, k2, p2.\nRnds 3-8: K6, p2, k2, p2." },
    pieces: [
      {
        times: 2,
        round: true,
        sections: [on(60, 2.5), rib(rows(24), 2.5), panels([["rope", 5]], repeats(6)), rib(rows(10)), off()],
      },
    ],
  }),
  cowl: () => ({
    panels: { rope: "Rnds 1, 2, 4, 5, 6: P2, k6.\nRnd 3: P2, 3/3 LC." },
    pieces: [
      {
        round: true,
        sections: [on(96), ...cowlEdge, panels([["rope", 12]], repeats(6)), ...cowlEdge, off()],
      },
    ],
  }),
  child: (r) => ({
    pieces: [
      { sections: [on(66, 3.5), rib(rows(14), 3.5), st(cm(36 - 14 * r)), off()] },
      {
        sections: [
          on(66, 3.5),
          rib(rows(14), 3.5),
          st(cm(22 - 14 * r)),
          st(cm(9)),
          divide(14, "castOff"),
          dec("inner", 2, 4),
          even(cm(5 - 9 * r)),
          off(),
        ],
      },
      {
        times: 2,
        sections: [
          on(38, 3.5),
          rib(rows(14), 3.5),
          st(rows(3)),
          inc(4, 11),
          inc(1, 1),
          even(cm(23 - 62 * r)),
          off(),
        ],
      },
      { sections: [pick(70, 3.5), rib(rows(5), 3.5), off(3.5)] },
    ],
  }),
  cushion: () => ({
    panels: {
      rope: "Multiple of 10 + 2\nRow 1: P2, *k8, p2; rep from * to end.\nRows 2, 4, 6, 8, 10: K2, *p8, k2; rep from * to end.\nRow 3: P2, *k8, p2; rep from * to end.\nRow 5: P2, *4/4 RC, p2; rep from * to end.\nRows 7, 9: P2, *k8, p2; rep from * to end.",
    },
    pieces: [
      { sections: [on(62), panels([["rope", 6]], cm(40)), off()] },
      { sections: [on(56), st(cm(40)), off()] },
    ],
  }),
  headband: () => ({
    panels: {
      braid:
        "Rows 1, 5: K2, p3, k12, p3, k2.\nRows 2, 4, 6, 8: K5, p12, k5.\nRow 3: K2, p3, 4/4 RC, k4, p3, k2.\nRow 7: K2, p3, k4, 4/4 LC, p3, k2.",
    },
    pieces: [{ sections: [on(22), panels([["braid", 1]], cm(48)), off()] }],
  }),
  blanket: (r) => ({
    panels: {
      ropes:
        "Multiple of 10 + 4\nRows 1, 5, 7: P4, *k6, p4; rep from * to end.\nRows 2, 4, 6, 8: K4, *p6, k4; rep from * to end.\nRow 3: P4, *3/3 RC, p4; rep from * to end.",
    },
    pieces: [
      {
        sections: [
          on(160),
          garter(rows(12)),
          to(184),
          panels([["ropes", 18]], cm(86 - 13 * r)),
          to(160),
          garter(rows(11)),
          off(),
        ],
      },
    ],
  }),
  cardigan: (r) => ({
    pieces: [
      {
        sections: [
          on(88, 4),
          rib(rows(18), 4),
          st(cm(37 - 18 * r)),
          offAt(6),
          dec("edges", 2, 5),
          even(cm(21 - 12 * r)),
          off(),
        ],
      },
      cardiganFront(r),
      cardiganFront(r),
      {
        times: 2,
        sections: [
          on(44, 4),
          rib(rows(14), 4),
          st(rows(5)),
          inc(6, 13),
          inc(1, 1),
          even(cm(45 - 98 * r)),
          offAt(6),
          dec("edges", 2, 16),
          offAt(3),
          offAt(3),
          off(),
        ],
      },
      { sections: [pick(100, 4), rib(rows(7), 4), off(4)] },
    ],
  }),
  gansey: (r) => ({
    panels: {
      body: "Rows 1, 5: K8, p2, k6, p2, k58, p2, k6, p2, k8.\nRows 2, 4, 6: P8, k2, p6, k2, p58, k2, p6, k2, p8.\nRow 3: K8, p2, 3/3 LC, p2, k58, p2, 3/3 LC, p2, k8.",
    },
    pieces: [
      { sections: [...lowerGansey, even(cm(22 - 10 * r)), offAt(10), offAt(10), off()] },
      {
        sections: [
          ...lowerGansey,
          even(cm(14 - 10 * r)),
          divide(16, "castOff"),
          dec("inner", 2, 9),
          // Which is as high as it is to be, to a fifth of a row.
          off(),
        ],
      },
      {
        times: 2,
        sections: [
          on(42, 4),
          rib(cm(6), 4),
          st(rows(2)),
          inc(6, 14),
          inc(1, 1),
          even(cm(40 - 87 * r)),
          offAt(6),
          dec("edges", 2, 10),
          off(),
        ],
      },
    ],
  }),
  jumper: (r) => ({
    panels: {
      a: "Row 1: P2, 2/2 RC, 2/2 LC, p2.\nRow 2: K2, p8, k2.\nRow 3: P2, k8, p2.\nRow 4: K2, p8, k2.",
    },
    pieces: [
      { sections: [...lowerJumper(r), even(cm(20 - 10 * r)), offAt(8), offAt(8), offAt(7), hold] },
      {
        sections: [
          ...lowerJumper(r),
          even(cm(13 - 10 * r)),
          divide(16, "hold"),
          dec("inner", 1, 9),
          even(cm(7 - 10 * r)),
          off(),
        ],
      },
      {
        times: 2,
        sections: [
          on(44, 4),
          rib(rows(20), 4),
          st(rows(4)),
          inc(4, 15),
          inc(1, 1),
          even(cm(44 - 85 * r)),
          offAt(4),
          dec("edges", 2, 14),
          offAt(4),
          offAt(4),
          offAt(4),
          off(),
        ],
      },
      { sections: [pick(90, 4, true), rib(rows(7), 4), off(4)] },
    ],
  }),
  slipover: (r) => ({
    pieces: [
      {
        sections: [
          on(86, 4.5),
          rib(cm(7), 4.5),
          st(cm(29)),
          offAt(5),
          dec("edges", 2, 6),
          even(cm(20 - 14 * r)),
          offAt(8),
          offAt(8),
          off(),
        ],
      },
      {
        sections: [
          on(86, 4.5),
          rib(cm(7), 4.5),
          st(cm(29)),
          offAt(5),
          divide(8, "castOff"),
          dec("inner", 2, 12),
          even(cm(20 - 27 * r)),
          off(),
        ],
      },
    ],
  }),
  sweater: (r) => ({
    pieces: [
      { sections: [on(84, 4.5), garter(cm(6), 4.5), st(cm(52)), offAt(14), offAt(14), off()] },
      {
        sections: [
          on(84, 4.5),
          garter(cm(6), 4.5),
          st(cm(44)),
          divide(16, "hold"),
          dec("inner", 2, 6),
          even(cm(8 - 13 * r)),
          off(),
        ],
      },
      {
        times: 2,
        sections: [
          on(40, 4.5),
          garter(cm(5), 4.5),
          st(rows(4)),
          inc(6, 14),
          inc(1, 1),
          even(cm(39 - 89 * r)),
          off(),
        ],
      },
    ],
  }),
  poncho: (r) => ({
    panels: {
      ridges: "Row 1: K4, [p2, k4] 10 times.\nRow 2: K4, [k2, p4] 9 times, k6.",
    },
    pieces: [
      {
        times: 2,
        sections: [
          on(64),
          ground("reverse", rows(1)),
          panels([["ridges", 1]], cm(78 - r)),
          garter(rows(4)),
          off(),
        ],
      },
    ],
  }),
  bolster: (r) => ({
    panels: {
      chart: "Rows 1, 5: P2, k8, p2.\nRows 2, 4, 6: K2, p8, k2.\nRow 3: P2, 4/4 LC, p2.",
    },
    pieces: [
      { sections: [on(84), garter(rows(4)), panels([["chart", 7]], cm(39 - 4 * r)), garter(rows(4)), off()] },
      { sections: [on(80), st(cm(40)), off()] },
    ],
  }),
  earwarmer: (r) => ({
    panels: {
      rope: "Rows 1, 5, 7: P2, k8, p2.\nRows 2, 4, 6, 8: K2, p8, k2.\nRow 3: P2, 4/4 LC, p2.",
    },
    pieces: [
      {
        sections: [
          on(8),
          rib1(cm(10)),
          to(12),
          st(rows(1)),
          panels([["rope", 1]], cm(26 - 2 * r)),
          to(8),
          rib1(cm(10)),
          off(),
        ],
      },
    ],
  }),
  legwarmers: () => ({
    panels: { rope: "Rnds 1, 2, 4-8: P2, k6.\nRnd 3: P2, 3/3 RC." },
    pieces: [
      {
        times: 2,
        round: true,
        sections: [
          on(64, 3.25),
          rib(cm(6), 3.25),
          panels([["rope", 8]], cm(28)),
          rib(cm(6), 3.25),
          off(3.25),
        ],
      },
    ],
  }),
  chartcowl: () => ({
    panels: { rope: "Rnds 1, 2, 4-6: P2, k6, p2.\nRnd 3: P2, 3/3 LC, p2." },
    pieces: [{ round: true, sections: [on(120), panels([["rope", 12]], repeats(6)), off()] }],
  }),
  babyjacket: (r) => ({
    pieces: [
      {
        sections: [
          on(56, 3.75),
          garter(rows(10), 3.75),
          st(cm(14 - 10 * r)),
          offAt(3),
          even(cm(11 - 2 * r)),
          offAt(7),
          offAt(7),
          off(),
        ],
      },
      babyFront(r),
      babyFront(r),
      {
        times: 2,
        sections: [
          on(34, 3.75),
          garter(rows(8), 3.75),
          st(rows(2)),
          inc(4, 6),
          inc(1, 1),
          even(cm(15 - 35 * r)),
          off(),
        ],
      },
      babyBand,
      babyBand,
    ],
  }),
};

const FOLDER = path.join(__dirname, "../../../testing/patterns/whole");
const textOf = (name: string) => readFileSync(path.join(FOLDER, `${name}.txt`), "utf8");

function needOf(project: Project): number {
  const engine = new Engine();
  const seen = seenOf(toEnd(engine.at(project).answer()), engine.layOf(project));
  if (!seen.known) throw new Error("no answer");
  expect(seen.findings.filter(({ leftOut }) => leftOut)).toEqual([]);
  return seen.yarns[0].quantilesMm.p50;
}

/** The sections of a project put in the place of those that were read. */
function madeByHand(read: Project, { panels: texts = {}, pieces }: ByHand): Project {
  expect(read.pieces.map(({ times, round }) => ({ times, round }))).toEqual(
    pieces.map(({ times = 1, round = false }) => ({ times, round })),
  );
  return {
    ...read,
    panels: Object.entries(texts).map(([id, text]) => ({
      id,
      name: id,
      text,
      notes: "",
      origin: { from: "", version: "", date: "", text: "" },
    })),
    pieces: read.pieces.map((piece, at) => ({
      ...piece,
      sections: (pieces[at]?.sections ?? []).map((make, index) => make(`${piece.id}/${index + 1}`)),
    })),
  };
}

test("every pattern is put together by hand, too", () => {
  expect(Object.keys(BY_HAND)).toHaveLength(20);
});

test.each(Object.keys(BY_HAND))("%s takes the yarn of the same one put together by hand", (name) => {
  const { project } = readWhole(textOf(name));
  const make = BY_HAND[name];
  if (!project || !make) throw new Error("there is one");
  const byHand = madeByHand(project, make(10 / (project.gauge.rowsPer10Cm ?? NaN)));
  expect(Math.abs(needOf(project) / needOf(byHand) - 1)).toBeLessThan(0.005);
});
