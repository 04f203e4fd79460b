/** A project in another yarn: the same finished size, or the same stitches and rows. */
import { strandOf, isOneStrand, ownCandidate, bandGauge, bandNeedle } from "./candidateYarn";
import type { Candidate, Keep } from "../project/candidates";
import { fullName, isSameYarn, yarnKey } from "../project/label";
import type { Project } from "../project/project";
import { newAsks } from "../project/asks";
import { hasAsked, isAsked, withFabric } from "../project/sectionKinds";
import type { ProjectSection } from "../project/sections";
import { plainStitch } from "../stitches/plainStitch";
import { calculateProject } from "../forecast/projectForecast";
import { sizedBy } from "../estimate/finished";
import { gradeProject, grading } from "../garment/grade";
import type { SectionLayouts } from "../garment/sectionLayout";
import { needleAt, projectGauge } from "../garment/projectGauge";
import { nearestCount } from "../typed/count";
import { nearestNeedle } from "../yarn/thickness";
import { ALONG, LENGTHS } from "../project/bounds";

export type LayOf = (project: Project) => SectionLayouts;

/** Needle sizes scale as the needle of the plain fabric does, each to the nearest that is made. */
const onNeedle =
  (times: number) =>
  (section: ProjectSection): ProjectSection =>
    section.needleMm === null || times === 1
      ? section
      : { ...section, needleMm: nearestNeedle(section.needleMm * times) };

/** What was measured across another yarn's cables says nothing of this one. */
const unmeasured = (section: ProjectSection): ProjectSection =>
  withFabric(section, () => ({ measured: { widthMm: null, stitches: null } }));

/** The needle that a project is knitted on, given or usual; null where nothing is known of its gauge. */
function needleOf(project: Project): number | null {
  const known = projectGauge(project);
  return known && needleAt(project, known.gauge);
}

/** Whether a swatch of the yarn under one id says something of a candidate: it is that, or the same yarn under another id. */
function speaksOf(project: Project, yarnId: string, candidate: Candidate): boolean {
  if (yarnId === candidate.id) return true;
  const own = ownCandidate(project);
  const other = own?.id === yarnId ? own : project.swap.candidates.find(({ id }) => id === yarnId);
  return other !== undefined && other !== null && isSameStrand(other, candidate);
}

/** The same yarn in as many strands, with the same beside it; one without a name is like no other. */
function isSameStrand(one: Candidate, other: Candidate): boolean {
  const [name, otherName] = [fullName(one.label), fullName(other.label)];
  const beside = ({ beside: held }: Candidate) =>
    held ? `${held.strands} ${yarnKey(fullName(held.label))}` : "";
  return (
    name !== "" &&
    isSameYarn(name, otherName) &&
    one.strands === other.strands &&
    beside(one) === beside(other) &&
    JSON.stringify(one.label.putUp) === JSON.stringify(other.label.putUp)
  );
}

/**
 * The project with a candidate in place of its first yarn, every stitch as it was. The candidate's own swatches come
 * with it, those of the former yarn do not count. Null where the candidate is no strand yet.
 */
function inYarn(project: Project, candidate: Candidate): Project | null {
  const strand = strandOf(candidate);
  const [former, ...others] = project.yarns;
  if (!strand || !former) return null;
  const { massG, lengthM } = strand;
  const { label } = candidate;
  const single = isOneStrand(candidate);
  const own = ownCandidate(project);
  const same = candidate.id === former.id || (own !== null && isSameStrand(own, candidate));
  const to: Project = {
    ...project,
    yarns: [
      {
        ...former,
        name: fullName(label),
        colour: label.colour,
        bandClass: single ? label.bandClass : null,
        fibres: label.fibres,
        plies: label.plies,
        dyed: label.dyed,
        putUp: { massG, lengthM },
        held:
          single || !label.putUp
            ? null
            : { strands: candidate.strands, putUp: label.putUp, beside: candidate.beside },
        putUpFrom: same ? former.putUpFrom : "band",
      },
      ...others,
    ],
    gauge: same ? project.gauge : { ...bandGauge(candidate), source: "band" },
    needleMm: same ? project.needleMm : bandNeedle(candidate),
    asks: same ? project.asks : asksOf(project),
    // What was weighed on the needles was the former yarn.
    log: same ? project.log : [],
    swatches: project.swatches
      .filter(({ yarnId }) => speaksOf(project, yarnId, candidate) || others.some(({ id }) => id === yarnId))
      .map((swatch) =>
        speaksOf(project, swatch.yarnId, candidate) ? { ...swatch, yarnId: former.id } : swatch,
      ),
  };
  const [before, after] = [needleOf(project), needleOf(to)];
  const scale = onNeedle(before === null || after === null ? 1 : after / before);
  return {
    ...to,
    pieces: project.pieces.map((piece) => ({
      ...piece,
      sections: piece.sections.map((section) => scale(same ? section : unmeasured(section))),
    })),
  };
}

/**
 * What the pattern asks for, when it is knitted in another yarn: of what is known by that alone it still says how much
 * there is of it, at the pattern's gauge; of told rows it says nothing any more.
 */
function asksOf(project: Project): Project["asks"] {
  if (!hasAsked(project)) return newAsks();
  const known = projectGauge(project)?.gauge;
  const { stitchesPer10Cm, rowsPer10Cm } = project.asks;
  return {
    ...project.asks,
    stitchesPer10Cm: stitchesPer10Cm ?? known?.stitchesPer10Cm ?? null,
    rowsPer10Cm: rowsPer10Cm ?? known?.rowsPer10Cm ?? null,
  };
}

type Calculated = NonNullable<ReturnType<typeof calculateProject>>;

/** Rows that each section was worked over, of the first copy of a divided part. */
const rowsOf = ({ worked }: Calculated) =>
  new Map(
    [...worked.values()].flatMap(({ sections }) =>
      sections.toReversed().map(({ section, rows }) => [section.id, rows.length] as const),
    ),
  );

/** Lengths of sections, each by its own factor; one that is worked over counted rows has none that matters. */
const mapLengths = (project: Project, timesOf: (section: ProjectSection) => number): Project => ({
  ...project,
  pieces: project.pieces.map((piece) => ({
    ...piece,
    sections: piece.sections.map((section) => {
      const times = timesOf(section);
      if (times === 1) return section;
      if (isAsked(section)) return { ...section, along: nearestCount(section.along * times, ALONG) };
      return !("lengthMm" in section) || section.lengthMm === null
        ? section
        : { ...section, lengthMm: nearestCount(section.lengthMm * times, LENGTHS.piece) };
    }),
  })),
});

/** Sections that went on until they were so long go on for as many rows as before. */
function keepingStitches(so: Project, own: Calculated, layOf: LayOf): Project {
  const calculated = calculateProject(so, layOf(so));
  if (!calculated) return so;
  const higher = plainStitch(calculated.plan.gauge).heightMm / plainStitch(own.plan.gauge).heightMm;
  const about = mapLengths(so, () => higher);
  const again = calculateProject(about, layOf(about));
  if (!again) return about;
  // Its cables may keep another share of their height: what is a row or two off is set right.
  const [wanted, got] = [rowsOf(own), rowsOf(again)];
  return mapLengths(about, ({ id }) => {
    const [before, now] = [wanted.get(id) ?? 0, got.get(id) ?? 0];
    return before > 0 && now > 0 ? before / now : 1;
  });
}

/** Width of the section that the size speaks of, in mm. */
const widthOf = (project: Project, calculated: Calculated) =>
  sizedBy(project, calculated)?.width.widthMm ?? 0;

/** Counts that bring the same finished size; ribs and hems keep their depth. */
function keepingSize(so: Project, own: Calculated, layOf: LayOf): Project {
  const laid = layOf(so);
  const calculated = calculateProject(so, laid);
  if (!calculated) return so;
  const [before, now] = [plainStitch(own.plan.gauge), plainStitch(calculated.plan.gauge)];
  const rows = before.heightMm / now.heightMm;
  const wanted = widthOf(so, own);
  const graded = (across: number) => {
    const project = gradeProject(so, laid, grading({ across, rows, edgeRows: rows }));
    const again = calculateProject(project, layOf(project));
    return {
      project,
      off: again ? Math.abs(widthOf(so, again) / wanted - 1) : Infinity,
      width: again && widthOf(so, again),
    };
  };
  const across = before.widthMm / now.widthMm;
  const first = graded(across);
  if (first.off < CLOSE || !first.width) return first.project;
  // Its cables pull in otherwise: what they took more or less is made up for.
  const second = graded((across * wanted) / first.width);
  return second.off < first.off ? second.project : first.project;
}

/** Nearer than this nobody measures. */
const CLOSE = 0.002;

/**
 * The project in another yarn. `layOf` lays what lies across a project. Null where either has no answer yet.
 * Example: swapped for its own yarn it is what it was.
 */
export function swapProject(
  project: Project,
  candidate: Candidate,
  { keep, layOf }: { keep: Keep; layOf: LayOf },
): Project | null {
  const own = calculateProject(project, layOf(project));
  const so = inYarn(project, candidate);
  if (!own || !so) return null;
  return keep === "size" ? keepingSize(so, own, layOf) : keepingStitches(so, own, layOf);
}
