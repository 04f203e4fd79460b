/** Every stitch that can be laid on a chart, by families, and how one is found by its name. */
import { crossingMeant, crossingWords } from "../stitches/crossingNames";
import type { Crossing, CrossingKind } from "../stitches/crossings";
import { allOperations, bobble, nupp, type Operation } from "../stitches/operations";
import { abbreviationOf, nameOf, wordsOf, type Wording } from "../stitches/wording";
import type { Work } from "./panel";

export const FAMILIES = [
  "Plain",
  "Decreases",
  "Increases",
  "Slipped and wrapped",
  "Bobbles and nupps",
  "Crossings",
] as const;

export type Family = (typeof FAMILIES)[number];

export interface Placeable {
  /** Its own, and the same as long as it is the same stitch. Example: "k2tog", or "2/0/2 left purl". */
  readonly id: string;
  readonly family: Family;
  readonly work: Work;
}

function familyOf({ id, uses, leaves, raised, yarn }: Operation): Family {
  if (raised) return "Bobbles and nupps";
  if (uses > leaves) return "Decreases";
  if (leaves > uses) return "Increases";
  return yarn.widths > 0 || id.startsWith("wrap") ? "Slipped and wrapped" : "Plain";
}

const ofOperation = (operation: Operation): Placeable => ({
  id: operation.id,
  family: familyOf(operation),
  work: { operation, times: 1 },
});

const ofCrossing = (crossing: Crossing): Placeable => ({
  id: `${crossing.front}/${crossing.centre}/${crossing.back} ${crossing.lean} ${crossing.kind}`,
  family: "Crossings",
  work: { crossing },
});

/** In front, in the middle, behind: those that patterns have most. Any other is found by its name. */
const CROSSED = [
  [1, 0, 1],
  [2, 0, 1],
  [1, 0, 2],
  [2, 0, 2],
  [3, 0, 1],
  [1, 0, 3],
  [3, 0, 2],
  [3, 0, 3],
  [4, 0, 4],
  [1, 1, 1],
  [2, 1, 2],
  [2, 2, 2],
] as const;
const KINDS: readonly CrossingKind[] = ["knit", "purl"];

const SIZES = { bobbles: [3, 5, 7], nupps: [5, 7] } as const;

/** All of them, family by family. */
export function placeable(): readonly Placeable[] {
  const operations = [
    ...allOperations,
    ...SIZES.bobbles.map((stitches) => bobble(stitches, 2)),
    ...SIZES.nupps.map(nupp),
  ];
  const crossings = CROSSED.flatMap(([front, centre, back]) =>
    KINDS.flatMap((kind) =>
      (["left", "right"] as const).map((lean): Crossing => ({ front, centre, back, lean, kind })),
    ),
  );
  const all = [...operations.map(ofOperation), ...crossings.map(ofCrossing)];
  return FAMILIES.flatMap((family) => all.filter((one) => one.family === family));
}

/** What it is called, and in words. Example: "k2tog" and "knit two together". */
export const tellPlaceable = ({ work }: Placeable, wording: Wording) =>
  "crossing" in work
    ? { name: nameOf(work.crossing, wording), words: crossingWords(work.crossing) }
    : { name: abbreviationOf(work.operation, wording), words: wordsOf(work.operation, wording) };

const plainly = (text: string) => text.toLowerCase().replaceAll(/[^a-z0-9/]+/g, "");

/**
 * Those whose name or words hold what is looked for, those whose name begins with it first. A crossing is found by any of
 * its names. Example: "C6F" finds 3/3 LC.
 */
export function findPlaceable(wanted: string, wording: Wording): readonly Placeable[] {
  const all = placeable();
  const sought = plainly(wanted);
  if (sought === "") return all;
  const found = all
    .map((one) => {
      const { name, words } = tellPlaceable(one, wording);
      const called = plainly(name);
      const rank =
        called === sought ? 0 : called.startsWith(sought) ? 1 : plainly(words).includes(sought) ? 2 : 3;
      return { one, rank: called.includes(sought) ? Math.min(rank, 2) : rank };
    })
    .filter(({ rank }) => rank < 3)
    .toSorted((a, b) => a.rank - b.rank)
    .map(({ one }) => one);
  const meant = crossingMeant(wanted.trim());
  if (!meant) return found;
  const crossing = ofCrossing(meant);
  return [crossing, ...found.filter(({ id }) => id !== crossing.id)];
}

/** The stitch of an id; undefined where there is none. */
export const placeableOf = (id: string): Placeable | undefined => {
  const crossed = /^(\d+)\/(\d+)\/(\d+) (left|right) (\w+)$/.exec(id);
  if (!crossed) return placeable().find((one) => one.id === id);
  const [front = 0, centre = 0, back = 0] = crossed.slice(1, 4).map(Number);
  return ofCrossing({
    front,
    centre,
    back,
    lean: crossed[4] as Crossing["lean"],
    kind: crossed[5] as CrossingKind,
  });
};
