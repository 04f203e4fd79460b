"use client";
import { useState } from "react";
import type { SeenSection } from "@/core/engine/seen";
import { seamName } from "@/core/estimate/seamName";
import type { TakenPhrase } from "@/core/pattern/taken";
import { countOf } from "@/core/words/things";
import type { Project } from "@/core/project/project";
import { settle, usePatternDraft } from "@/state/project/patternDraft";
import { useSettings } from "@/state/keeping/settings";
import { sectionName, tellWorked } from "@/ui/pieces/sectionWords";
import { Button } from "@/ui/parts/Button";
import { useSaid } from "@/ui/parts/Said";
import { ChartSigns } from "./ChartSigns";

/** Whether something of a phrase is still to be settled. */
export const isOpen = ({ taken }: TakenPhrase) =>
  taken.as === "unread" || (taken.as === "work" && taken.wrong !== null);

interface PhraseProps {
  readonly phrase: TakenPhrase;
  readonly before: TakenPhrase | undefined;
  readonly project: Project | null;
  readonly worked: Readonly<Record<string, readonly SeenSection[]>>;
}

/** A sentence of the pattern, and beside it what it was taken for. */
export function PatternPhrase({ phrase, before, project, worked }: PhraseProps) {
  const { taken, text, chart } = phrase;
  const open = isOpen(phrase);
  const settled = usePatternDraft((draft) => draft.settled[text.trim()]);
  if (taken.as === "title") return null;
  if (taken.as === "heading") {
    const piece = project?.pieces.find(({ id }) => id === taken.pieceId);
    return (
      <li className="grid gap-x-5 pt-3 pb-1 pl-3 font-semibold md:grid-cols-2">
        {text.replace(/^[#\s]+/, "")}
        {piece && (
          <span className="text-sm font-normal">
            A piece{piece.times > 1 && `, worked ${countOf(piece.times, "time")}`}
            {piece.round && ", in the round"}
          </span>
        )}
      </li>
    );
  }
  return (
    <li
      {...(open && { "data-open": "" })}
      className={`grid gap-x-5 gap-y-0.5 border-l-4 py-1 pl-2 md:grid-cols-2 ${open ? "border-madder bg-paper" : "border-transparent"}`}
    >
      {chart ? (
        <pre className="overflow-x-auto font-mono text-base leading-snug">{text}</pre>
      ) : (
        <p className={`break-words whitespace-pre-line ${open ? "font-semibold" : ""}`}>{text}</p>
      )}
      <div className="text-sm">
        {!(open && chart) && <Made {...{ phrase, before, project, worked }} />}
        {chart && <ChartSigns chart={chart} />}
        {settled !== undefined && (
          <p>
            {settled === "" ? "You said that nothing is worked by it." : `You said: ${settled}`}{" "}
            <Button look="link" onClick={() => settle(text.trim(), null)}>
              Take that back
            </Button>
          </p>
        )}
        {open && !chart && <Settling sentence={text.trim()} said={settled ?? ""} />}
      </div>
    </li>
  );
}

/** What a phrase was taken for, in words. */
function Made({ phrase: { taken }, before, project, worked }: PhraseProps) {
  const said = useSaid();
  const words = useSettings((settings) => settings.words);
  switch (taken.as) {
    case "fact":
      return <p className="text-woad">{said(taken.fact)}</p>;
    case "note":
      return <p className="text-faint">only read</p>;
    case "panel": {
      const again = before?.taken.as === "panel" && before.taken.panelId === taken.panelId;
      const panel = project?.panels.find(({ id }) => id === taken.panelId);
      return again ? null : <p>Panel: {panel?.name}</p>;
    }
    case "seam":
      return (
        <ul>
          {taken.seams.map((id) => {
            const seam = project?.seams.find((one) => one.id === id);
            return seam && project && <li key={id}>Seam: {said(seamName(project, seam))}</li>;
          })}
        </ul>
      );
    case "unread":
      return <p className="text-madder">{said(taken.why)}</p>;
    case "work": {
      const again =
        before?.taken.as === "work" &&
        taken.sections.length > 0 &&
        before.taken.sections[0] === taken.sections[0];
      const piece = project?.pieces.find(({ id }) => id === taken.pieceId);
      const sections = taken.sections.flatMap((id) => piece?.sections.find((one) => one.id === id) ?? []);
      return (
        <>
          {!again && sections.length > 0 && (
            <ul>
              {sections.map((section) => (
                <li key={section.id}>
                  {sectionName(section, words)}{" "}
                  <span className="text-faint">{tellWorked(worked[section.id] ?? [])}</span>
                </li>
              ))}
            </ul>
          )}
          {sections.length === 0 && <p className="text-faint">holds for what follows</p>}
          {taken.wrong && <p className="text-madder">{said(taken.wrong)}</p>}
        </>
      );
    }
    case "title":
    case "heading":
      return null;
  }
}

/** How a knitter settles a sentence: nothing is worked by it, or it is said in other words. */
function Settling({ sentence, said }: { readonly sentence: string; readonly said: string }) {
  const [words, setWords] = useState(said);
  return (
    <form
      className="mt-1 flex flex-wrap items-center gap-1.5"
      onSubmit={(event) => {
        event.preventDefault();
        if (words.trim() !== "") settle(sentence, words.trim());
      }}
    >
      <input
        aria-label={`In other words: ${sentence.slice(0, 60)}`}
        value={words}
        onChange={({ target }) => setWords(target.value)}
        placeholder="In other words: Knit 4 rows."
        maxLength={2000}
        className="min-w-40 flex-1 rounded-lg border border-edge bg-card px-2 py-1 text-base placeholder:text-faint placeholder:italic"
      />
      <Button submits size="small" disabled={words.trim() === ""}>
        Read it so
      </Button>
      <Button size="small" onClick={() => settle(sentence, "")}>
        Nothing is worked by it
      </Button>
    </form>
  );
}
