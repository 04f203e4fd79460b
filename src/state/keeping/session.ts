/** From opening the page to leaving it: what the address holds, what was lost on the way, and when the page goes. */
import { say, type Message } from "@/core/words/message";
import { followProject } from "../engine/answer";
import { engine, whenLost } from "../engine/workers";
import { arrive } from "./arrive";
import { PROJECT_FRAGMENT } from "./fragment";
import { followCards } from "./followCards";
import { forgetLongGone } from "./home";
import { keepGoing, leave } from "./keepGoing";
import { takeUp } from "./takeUp";

type Tell = (word: Message) => void;

/** Takes in the project that the address holds, if it does; the address is a plain one from then on. */
async function takeFromAddress(tell: Tell) {
  const { hash, pathname } = window.location;
  if (!hash.startsWith(PROJECT_FRAGMENT)) return;
  window.history.replaceState(null, "", pathname);
  const { readFragment } = await import("./link");
  const read = await readFragment(hash);
  if (!read.ok) return tell(read.message);
  const arrived = await arrive(read.project);
  if (arrived.what !== "opened") tell(say("rowsJoined", { events: arrived.events }));
}

/** Keeps, follows and listens, once there is a project. The result ends it. */
function goOn(tell: Tell): () => void {
  const keeping = keepGoing(tell);
  const following = followProject();
  const cards = followCards();
  const deaf = whenLost((worker, { silent }) =>
    tell(silent ? say("tookTooLong", { worker }) : say("partNotLoaded")),
  );
  const look = () => void takeFromAddress(tell);
  look();
  window.addEventListener("hashchange", look);
  return () => {
    window.removeEventListener("hashchange", look);
    cards();
    following();
    deaf();
    keeping();
  };
}

/** Runs the session; the result ends it. `tell` gets a word for the user. */
export function runSession(tell: Tell): () => void {
  let ended = false;
  let rest: (() => void) | undefined;
  // The engine is loaded while the project is looked for.
  engine()
    .pulse()
    .catch(() => {});
  const hide = () => {
    if (document.visibilityState === "hidden") leave();
  };
  void takeUp().then((words) => {
    if (ended) return;
    words.forEach(tell);
    rest = goOn(tell);
    void forgetLongGone(Date.now()).catch(() => {});
  });
  document.addEventListener("visibilitychange", hide);
  window.addEventListener("pagehide", leave);
  return () => {
    ended = true;
    rest?.();
    document.removeEventListener("visibilitychange", hide);
    window.removeEventListener("pagehide", leave);
  };
}
