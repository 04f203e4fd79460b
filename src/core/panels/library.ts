/** The panels that come with Brenok: traditional ones, by generic names, as row text. */
import type { LibraryPanel } from "./libraryPanel";
import { ROPE_PANELS } from "./libraryRopes";

const WS_FOLLOWS = "and all WS rows: k the knits and p the purls.";
const PULLS = "Pulls in.";

/** What a panel needs at its sides. */
const PURLS = "Purls at each side, so that it stands out; side by side, repeats share them.";
const GROUND = "Reverse stockinette, or two purls, at each side.";
const EDGE = "One more stitch at each side to sew by.";
const RIB = "Rib at each side, so that both faces look alike.";

export const LIBRARY: readonly LibraryPanel[] = [
  ...ROPE_PANELS,
  {
    id: "horseshoe",
    name: "Horseshoe",
    family: "Braids and plaits",
    lies: PULLS,
    sides: PURLS,
    text: `multiple of 14 + 2
Row 1 (RS): P2, 3/3 RC, 3/3 LC, P2.
Row 2 and all WS rows: K2, P12, K2.
Rows 3, 5, 7: P2, K12, P2.`,
  },
  {
    id: "braid-3",
    name: "Braid of three strands",
    family: "Braids and plaits",
    lies: PULLS,
    sides: PURLS,
    text: `multiple of 11 + 2
Row 1 (RS): P2, 3/3 LC, K3, P2.
Row 2 and all WS rows: K2, P9, K2.
Rows 3, 7: P2, K9, P2.
Row 5: P2, K3, 3/3 RC, P2.`,
  },
  {
    id: "braid-4",
    name: "Braid of four strands",
    family: "Braids and plaits",
    lies: "Pulls in hard.",
    sides: PURLS,
    text: `multiple of 10 + 2
Row 1 (RS): P2, 2/2 LC, 2/2 LC, P2.
Row 2 and all WS rows: K2, P8, K2.
Row 3: P2, K2, 2/2 RC, K2, P2.`,
  },
  {
    id: "braid-5",
    name: "Braid of five strands",
    family: "Braids and plaits",
    lies: "Pulls in hard.",
    sides: PURLS,
    text: `multiple of 12 + 2
Row 1 (RS): P2, 2/2 LC, 2/2 LC, K2, P2.
Row 2 and all WS rows: K2, P10, K2.
Row 3: P2, K2, 2/2 RC, 2/2 RC, P2.`,
  },
  {
    id: "antler",
    name: "Antler",
    family: "Braids and plaits",
    lies: "Pulls in a little.",
    sides: PURLS,
    text: `multiple of 18 + 2
Row 1 (RS): P2, K4, 2/2 RC, 2/2 LC, K4, P2.
Row 2 and all WS rows: K2, P16, K2.
Row 3: P2, K2, 2/2 RC, K4, 2/2 LC, K2, P2.
Row 5: P2, 2/2 RC, K8, 2/2 LC, P2.`,
  },
  {
    id: "honeycomb",
    name: "Honeycomb",
    family: "Lattices",
    lies: "Thick and springy; pulls in.",
    sides: PURLS,
    text: `multiple of 8 + 4
Row 1 (RS): P2, *2/2 RC, 2/2 LC; rep from * to last 2 sts, P2.
Row 2 and all WS rows: K2, P to last 2 sts, K2.
Rows 3, 7: P2, K to last 2 sts, P2.
Row 5: P2, *2/2 LC, 2/2 RC; rep from * to last 2 sts, P2.`,
  },
  {
    id: "lattice",
    name: "Lattice",
    family: "Lattices",
    lies: "Dense; pulls in hard and takes the most yarn of all.",
    sides: GROUND,
    text: `multiple of 4 + 4
Row 1 (RS): *2/2 LC; rep from * to end.
Row 2 and all WS rows: purl.
Row 3: K2, *2/2 RC; rep from * to last 2 sts, K2.`,
  },
  {
    id: "ring-and-cross",
    name: "Ring and cross",
    family: "Travelling",
    lies: "Lies well.",
    sides: PURLS,
    text: `multiple of 10 + 2
Row 1 (RS): P4, 2/2 LC, P4.
Row 2 ${WS_FOLLOWS}
Row 3: P3, 2/1 RPC, 2/1 LPC, P3.
Row 5: P2, 2/1 RPC, P2, 2/1 LPC, P2.
Row 7: P2, K2, P4, K2, P2.
Row 9: P2, 2/1 LPC, P2, 2/1 RPC, P2.
Row 11: P3, 2/1 LPC, 2/1 RPC, P3.`,
  },
  {
    id: "diamond-seed",
    name: "Diamond filled with seed",
    uk: "Diamond filled with moss stitch",
    family: "Travelling",
    lies: "Lies nearly flat.",
    sides: PURLS,
    text: `multiple of 11 + 1
Row 1 (RS): P4, 2/2 RC, P4.
Rows 2, 14: K4, P4, K4.
Row 3: P3, 2/1 RPC, 2/1 LC, P3.
Rows 4, 12: K3, P2, K1, P1, P2, K3.
Row 5: P2, 2/1 RC, P1, K1, 2/1 LPC, P2.
Rows 6, 10: K2, P2, [P1, K1] twice, P2, K2.
Row 7: P1, 2/1 RPC, [K1, P1] twice, 2/1 LC, P1.
Row 8: K1, P2, [K1, P1] 3 times, P2, K1.
Row 9: P1, 2/1 LPC, [K1, P1] twice, 2/1 RPC, P1.
Row 11: P2, 2/1 LPC, P1, K1, 2/1 RPC, P2.
Row 13: P3, 2/1 LPC, 2/1 RPC, P3.`,
  },
  {
    id: "diamond-moss",
    name: "Diamond filled with moss",
    uk: "Diamond filled with double moss stitch",
    family: "Travelling",
    lies: "Lies nearly flat.",
    sides: PURLS,
    text: `multiple of 11 + 1
Row 1 (RS): P4, 2/2 RC, P4.
Row 2 ${WS_FOLLOWS}
Row 3: P3, 2/1 RPC, 2/1 LC, P3.
Row 5: P2, 2/1 RC, K1, P1, 2/1 LPC, P2.
Row 7: P1, 2/1 RPC, [P1, K1] twice, 2/1 LC, P1.
Row 9: P1, 2/1 LPC, [K1, P1] twice, 2/1 RPC, P1.
Row 11: P2, 2/1 LPC, P1, K1, 2/1 RPC, P2.
Row 13: P3, 2/1 LPC, 2/1 RPC, P3.`,
  },
  {
    id: "travelling-ribs",
    name: "Travelling ribs",
    family: "Travelling",
    lies: "Lies flat; springs a little sideways.",
    sides: EDGE,
    text: `multiple of 4
Row 1 (RS): *1/1 LPC, P2; rep from * to end.
Row 2 ${WS_FOLLOWS}
Row 3: *P1, 1/1 LPC, P1; rep from * to end.
Row 5: *P2, 1/1 LPC; rep from * to end.
Row 7: *P2, 1/1 RPC; rep from * to end.
Row 9: *P1, 1/1 RPC, P1; rep from * to end.
Row 11: *1/1 RPC, P2; rep from * to end.`,
  },
  {
    id: "twisted-rib-1-1",
    name: "Twisted rib, 1 over 1",
    family: "Travelling",
    lies: "A firm rib that pulls in.",
    sides: PURLS,
    text: `multiple of 4 + 2
Row 1 (RS): *P2, RT; rep from * to last 2 sts, P2.
Row 2: *K2, P2; rep from * to last 2 sts, K2.`,
  },
  {
    id: "twisted-rib-1-2",
    name: "Twisted rib, 1 over 2",
    family: "Travelling",
    lies: "A firm rib that pulls in.",
    sides: PURLS,
    text: `multiple of 5 + 2
Row 1 (RS): *P2, 1/2 LC; rep from * to last 2 sts, P2.
Row 2 and all WS rows: *K2, P3; rep from * to last 2 sts, K2.
Row 3: *P2, K3; rep from * to last 2 sts, P2.`,
  },
  {
    id: "reversible-rib-cable",
    name: "Reversible ribbed cable",
    family: "Braids and plaits",
    lies: "Alike on both faces; pulls in very hard.",
    sides: RIB,
    text: `Row 1 (RS): 4/4 LRC.
Row 2 ${WS_FOLLOWS}
Rows 3, 5, 7: [K1, P1] 4 times.`,
  },
  {
    id: "slipped-crosses",
    name: "Slipped-stitch crosses",
    family: "Travelling",
    lies: "Lies flat; a little firm.",
    sides: PURLS,
    text: `multiple of 8 + 2
Row 1 (RS): P2, sl 1 wyib, K4, sl 1 wyib, P2.
Row 2: K2, sl 1 wyif, P4, sl 1 wyif, K2.
Row 3: P2, 1/2 LC, 1/2 RC, P2.
Row 4: K2, P6, K2.`,
  },
  {
    id: "mock-cable",
    name: "Mock cable",
    family: "Texture",
    lies: "A cable's look without a needle for it; lies flat.",
    sides: PURLS,
    text: `multiple of 5 + 2
Row 1 (RS): *P2, mock3; rep from * to last 2 sts, P2.
Rows 2, 4: *K2, P3; rep from * to last 2 sts, K2.
Row 3: *P2, K3; rep from * to last 2 sts, P2.`,
  },
  {
    id: "bobbled-columns",
    name: "Bobbled columns",
    family: "Texture",
    lies: "Lies flat; the bobbles eat yarn.",
    sides: PURLS,
    text: `MB = 5 sts, 2 rows
multiple of 6 + 5
Row 1 (RS): *P2, MB, P2, K1; rep from * to last 5 sts, P2, MB, P2.
Row 2 and all WS rows: *K2, P1; rep from * to last 2 sts, K2.
Row 3: *P2, K1; rep from * to last 2 sts, P2.
Row 5: *P2, K1, P2, MB; rep from * to last 5 sts, P2, K1, P2.
Row 7: *P2, K1; rep from * to last 2 sts, P2.`,
  },
  {
    id: "nupps",
    name: "Nupps on plain",
    family: "Texture",
    lies: "Lies as plain fabric does: it curls at the sides.",
    sides: EDGE,
    text: `nupp = 7 loops
multiple of 6 + 1
Row 1 (RS): *K3, nupp, K2; rep from * to last st, K1.
Row 2 and all WS rows: purl.
Row 3: knit.
Row 5: *nupp, K5; rep from * to last st, nupp.
Row 7: knit.`,
  },
  {
    id: "rib-1-1",
    name: "Rib, 1 by 1",
    family: "Grounds",
    lies: "Pulls in; stretches.",
    sides: EDGE,
    text: "multiple of 2\nRow 1 (RS): *K1, P1; rep from * to end.\nRow 2: *K1, P1; rep from * to end.",
  },
  {
    id: "rib-2-2",
    name: "Rib, 2 by 2",
    family: "Grounds",
    lies: "Pulls in; stretches.",
    sides: EDGE,
    text: "multiple of 4\nRow 1 (RS): *K2, P2; rep from * to end.\nRow 2: *K2, P2; rep from * to end.",
  },
  {
    id: "rib-3-2",
    name: "Rib, 3 by 2",
    family: "Grounds",
    lies: "Pulls in; stretches.",
    sides: EDGE,
    text: "multiple of 5\nRow 1 (RS): *K3, P2; rep from * to end.\nRow 2: *K2, P3; rep from * to end.",
  },
  {
    id: "garter",
    name: "Garter",
    uk: "Garter stitch",
    family: "Grounds",
    lies: "Flat and springy upwards; rows are short.",
    sides: EDGE,
    text: "multiple of 8\nRow 1 (RS): knit.\nRow 2: knit.",
  },
  {
    id: "seed",
    name: "Seed",
    uk: "Moss stitch",
    family: "Grounds",
    lies: "Flat, a little wider than plain.",
    sides: EDGE,
    text: "multiple of 2\nRow 1 (RS): *K1, P1; rep from * to end.\nRow 2: *P1, K1; rep from * to end.",
  },
  {
    id: "moss",
    name: "Moss",
    uk: "Double moss stitch",
    family: "Grounds",
    lies: "Flat.",
    sides: EDGE,
    text: `multiple of 2
Rows 1, 2: *K1, P1; rep from * to end.
Rows 3, 4: *P1, K1; rep from * to end.`,
  },
  {
    id: "stockinette",
    name: "Stockinette",
    uk: "Stocking stitch",
    family: "Grounds",
    lies: "Smooth; curls at every edge.",
    sides: EDGE,
    text: "multiple of 8\nRow 1 (RS): knit.\nRow 2: purl.",
  },
  {
    id: "reverse-stockinette",
    name: "Reverse stockinette",
    uk: "Reverse stocking stitch",
    family: "Grounds",
    lies: "The ground that cables stand out from; curls at every edge.",
    sides: EDGE,
    text: "multiple of 8\nRow 1 (RS): purl.\nRow 2: knit.",
  },
];
