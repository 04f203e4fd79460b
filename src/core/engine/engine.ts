/** One engine for all that is asked of projects: each revision is laid, believed, planned and drawn once. */
import type { KnownFabrics } from "../fabric/relax";
import type { Project } from "../project/project";
import { forecasting, takeOver, type KnownForecast, type ProjectForecast } from "../forecast/projectForecast";
import { layingProject, type KnownLaid } from "../garment/panelLayout";
import type { SectionLayouts } from "../garment/sectionLayout";
import { between, toEnd, type Steps } from "../steps";

/** Lists that are too long to be told whole: they are kept, the last few of them, and told of by their number. */
export class KeptLists {
  readonly #lists = new Map<number, readonly unknown[]>();
  #last = 0;

  /** Gives the number that it is known by. */
  keep(list: readonly unknown[]): number {
    this.#last += 1;
    this.#lists.set(this.#last, list);
    this.#lists.delete(this.#last - MOST_LISTS);
    return this.#last;
  }

  /** Undefined where it is not kept any more. */
  of(number: number): readonly unknown[] | undefined {
    return this.#lists.get(number);
  }
}

const MOST_LISTS = 3;

/** A project as it stands, with what has been asked of it. */
export class Revision {
  readonly #told = new Map<string, unknown>();

  constructor(
    readonly project: Project,
    readonly engine: Engine,
  ) {}

  readonly layOf = (project: Project): SectionLayouts => this.engine.layOf(project);

  /** What one question leaves for others. */
  get lists(): KeptLists {
    return this.engine.lists;
  }

  get laid(): SectionLayouts {
    return this.layOf(this.project);
  }

  /** The answer, in steps; at once where it is known. */
  *answer(): Steps<ProjectForecast> {
    yield { share: 0 };
    const laid = yield* between(0, 0.5, this.engine.laying(this.project));
    return yield* between(0.5, 1, forecasting(this.project, laid));
  }

  /** The answer as if nothing had been weighed or measured while knitting; null where there is none. */
  *unknitted(): Steps<KnownForecast | null> {
    return yield* this.once("unknitted", this.#unknitted.bind(this));
  }

  *#unknitted(): Steps<KnownForecast | null> {
    const answer = yield* forecasting({ ...this.project, log: [] }, this.laid);
    return answer.known ? answer : null;
  }

  /** What `steps` end with, kept under a name: asked again it is told at once. */
  *once<Told>(name: string, steps: () => Steps<Told>): Steps<Told> {
    if (this.#told.has(name)) return this.#told.get(name) as Told;
    const told = yield* steps();
    this.#told.set(name, told);
    return told;
  }
}

/** More relaxed fabrics than this are not kept: an engine lives as long as its server. */
const MOST_FABRICS = 500;

/** Lays projects, and keeps what it laid; the same on the page's worker and in a route handler. */
export class Engine {
  readonly #fabrics: KnownFabrics = new Map();
  readonly #kept: KnownLaid = new Map();
  readonly #laid = new WeakMap<Project, SectionLayouts>();
  readonly lists = new KeptLists();
  readonly #revisions = new WeakMap<Project, Revision>();

  /** What lies across all sections of a project, in steps; the same object for the same project. */
  *laying(project: Project): Steps<SectionLayouts> {
    const known = this.#laid.get(project);
    if (known) return known;
    if (this.#fabrics.size > MOST_FABRICS) this.#fabrics.clear();
    const laid = yield* layingProject(project, this.#fabrics, this.#kept);
    this.#laid.set(project, laid);
    return laid;
  }

  /** The same at once. */
  readonly layOf = (project: Project): SectionLayouts => toEnd(this.laying(project));

  /** Takes what is known of a project for another one with the same figures. */
  takeOver(project: Project, from: Project): void {
    const laid = this.#laid.get(from);
    if (laid) this.#laid.set(project, laid);
    takeOver(project, from);
  }

  /** A project's revision: a project is never changed in place, so the same one is the same revision. */
  at(project: Project): Revision {
    const revision = this.#revisions.get(project) ?? new Revision(project, this);
    this.#revisions.set(project, revision);
    return revision;
  }
}
