/** What is there when the page opens: what was kept last, or the demo. */
import { emptyProject, type Project } from "@/core/project/project";
import type { Shelf } from "@/core/project/shelf";
import { say, type Message } from "@/core/words/message";
import { freshId } from "../project/freshId";
import { begin, useProjectStore } from "../project/projectStore";
import { meetDoors } from "../chosen/doors";
import { adoptFormer } from "./adopt";
import { projects, recordOf, SHELF_RECORD, shelves, takeLastWords } from "./keeper";
import { openHere } from "./openHere";
import { keepQuietly, recall } from "./quietly";
import { allCards, reasonOf } from "./records";

/** The project that was open last, or else the one that was changed last. */
async function findLast() {
  const here = openHere();
  const cards = (await allCards()).filter(({ goneAt }) => goneAt === null);
  const newest = cards.filter(({ archived }) => !archived).toSorted((a, b) => b.changedAt - a.changedAt)[0];
  const id = cards.some((card) => card.id === here) ? here : newest?.id;
  return id ? projects.find(recordOf(id)) : ({ kind: "none" } as const);
}

const DEMO_ID = "brenok-demo";

/** The id of a demo that is not kept yet: the same in all tabs of this browser, so that they have one project open. */
async function idOfDemo(): Promise<string> {
  const known = recall("localStorage", DEMO_ID);
  const kept = await allCards();
  if (known !== null && !kept.some(({ id }) => id === known)) return known;
  const id = freshId("project");
  keepQuietly("localStorage", DEMO_ID, id);
  return id;
}

/** Begins with what was found, and with the demo in place of what was not. */
async function beginWith(
  found: { readonly project?: Project; readonly shelf?: Shelf },
  demoId: () => Promise<string>,
) {
  const demo = found.project && found.shelf ? null : await import("../project/demo").catch(() => null);
  const instead = found.project ?? {
    ...(demo?.demoProject() ?? emptyProject()),
    id: await demoId(),
  };
  begin(instead, found.shelf ?? demo?.demoShelf());
  // What was found is kept, and a demo need not be until something in it is changed.
  const { project, shelf } = useProjectStore.getState();
  projects.regard(recordOf(project.id), project);
  shelves.regard(SHELF_RECORD, shelf);
}

/** Opens what was kept last, or the demo. Gives words for the user where something was amiss. */
export async function takeUp(): Promise<readonly Message[]> {
  try {
    await adoptFormer();
    await takeLastWords();
    const [project, shelf] = await Promise.all([findLast(), shelves.find(SHELF_RECORD)]);
    await beginWith(
      {
        ...(project.kind === "found" && { project: project.value }),
        ...(shelf.kind === "found" && { shelf: shelf.value }),
      },
      idOfDemo,
    );
    if (project.kind === "none") meetDoors();
    const words: Message[] = [];
    if (project.kind === "unreadable" || project.kind === "newer")
      words.push(say("lastProjectNotRead", { why: project.message }));
    if (project.kind === "found" && project.damaged) words.push(say("lastChangeNotRead"));
    if (shelf.kind === "unreadable" || shelf.kind === "newer")
      words.push(say("shelfNotRead", { why: shelf.message }));
    return words;
  } catch (error) {
    await beginWith({}, async () => freshId("project"));
    return [say("nothingIsSaved", { why: reasonOf(error) })];
  }
}
