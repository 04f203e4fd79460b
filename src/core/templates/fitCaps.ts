/** Caps of sleeves made as long as the armholes that they are set into. */
import { edgeOf } from "../estimate/seams";
import type { EdgeSide } from "../project/finishing";
import { withSection, type Project } from "../project/project";
import { calculateProject } from "../forecast/projectForecast";
import { layProject, type KnownLaid } from "../garment/panelLayout";
import { isArmhole, isShape } from "../project/sectionKinds";

/** Sleeves with the pieces that their caps are sewn into. */
function capsOf({ seams }: Project): ReadonlyMap<string, readonly string[]> {
  const caps = new Map<string, readonly string[]>();
  for (const { of, to } of seams)
    if (of?.side === "cap" && to?.side === "above")
      caps.set(of.pieceId, [...(caps.get(of.pieceId) ?? []), to.pieceId]);
  return caps;
}

/** The section that shapes a cap: the first decreases over a length behind the armhole. */
function capOf({ pieces }: Project, sleeveId: string) {
  const sections = pieces.find(({ id }) => id === sleeveId)?.sections ?? [];
  const armhole = sections.findIndex(isArmhole);
  const cap = sections
    .slice(armhole + 1)
    .filter(isShape)
    .find(({ over }) => over === "length");
  return armhole >= 0 && cap ? cap : null;
}

/** Near enough; rows are whole, and a cap is eased in by so much. */
const NEAR = 0.01;
const MOST_TRIES = 8;
const LEAST_MM = 20;
const MOST_MM = 600;

/**
 * A project whose sleeves' caps are as high as makes their edges as long as the armholes: worked, measured and mended
 * again and again. Of `sleeves` alone, by their pieces' ids: what the knitter has shaped stays. A sleeve that is too wide for its armhole keeps the flattest cap, and its seam says that they differ.
 * Example: a cap of 11 cm in an armhole of 23 cm may have to be 13 cm high.
 */
export function fitCaps(project: Project, sleeves: readonly string[]): Project {
  const kept: KnownLaid = new Map();
  let fitted = project;
  for (const [sleeveId, bodies] of capsOf(project)) {
    if (!sleeves.includes(sleeveId)) continue;
    for (let tries = 0; tries < MOST_TRIES; tries += 1) {
      const cap = capOf(fitted, sleeveId);
      const off = cap && offBy(fitted, { sleeveId, bodies, kept });
      if (!cap?.lengthMm || off === null || Math.abs(off.mm) < NEAR * off.capMm) break;
      // A cap's edge grows by less than it is made higher, since it slopes.
      const lengthMm = cap.lengthMm + 1.2 * off.mm;
      const within = Math.min(MOST_MM, Math.max(LEAST_MM, lengthMm));
      fitted = withSection(fitted, { pieceId: sleeveId, sectionId: cap.id }, (section) =>
        isShape(section) ? { ...section, lengthMm: within } : section,
      );
    }
  }
  return fitted;
}

interface Sewn {
  readonly sleeveId: string;
  readonly bodies: readonly string[];
  readonly kept: KnownLaid;
}

/** How much longer a cap's edge has to be, in between the longest and the shortest of its armholes; null where nothing can be calculated. */
function offBy(project: Project, { sleeveId, bodies, kept }: Sewn) {
  const calculated = calculateProject(project, layProject(project, undefined, kept));
  if (!calculated) return null;
  const edge = (id: string, side: EdgeSide) => {
    const plan = calculated.plan.pieces.find((one) => one.id === id);
    return plan ? (edgeOf(plan, side, calculated.plan.gauge)?.lengthMm ?? 0) : 0;
  };
  const capMm = edge(sleeveId, "cap");
  const holes = bodies.map((id) => edge(id, "above")).filter((mm) => mm > 0);
  if (capMm === 0 || holes.length === 0) return null;
  return { capMm, mm: (Math.max(...holes) + Math.min(...holes)) / 2 - capMm };
}
