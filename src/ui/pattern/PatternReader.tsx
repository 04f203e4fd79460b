"use client";
import { TriangleAlert } from "lucide-react";
import { useEffect, useId, useRef, useState } from "react";
import { formatMass, formatSize, formatYarn } from "@/core/units/format";
import { grams, metres, millimetres } from "@/core/units/brands";
import { tellHeldAgainst } from "@/core/forecast/requirement";
import { MOST_LETTERS } from "@/core/pattern/taken";
import { countOf } from "@/core/words/things";
import { startWith } from "@/state/project/newProject";
import {
  setPatternSize,
  setPatternText,
  usePatternDraft,
  usePatternRead,
} from "@/state/project/patternDraft";
import { useUnits } from "@/state/keeping/settings";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { FileButton } from "@/ui/parts/FileButton";
import { useSaid } from "@/ui/parts/Said";
import type { PatternRead } from "@/workers/engine.worker";
import { PATTERN_FILES } from "./patternFile";
import { isOpen, PatternPhrase } from "./PatternPhrase";
import { OpeningBar, useOpening } from "./useOpening";

/** More sentences than this are no pattern; a page of them would not move any more. */
const MOST_SHOWN = 1500;

interface PatternReaderProps {
  /** A file that was dropped on the page, to be read at once. */
  readonly file: File | null;
  readonly onDone: () => void;
}

/** A written pattern beside what is made of it, sentence by sentence; what is not understood is marked and never guessed. */
export function PatternReader({ file, onDone }: PatternReaderProps) {
  const draft = usePatternDraft();
  const { read, pending } = usePatternRead();
  const list = useRef<HTMLOListElement>(null);
  const open = read?.phrases.filter(isOpen).length ?? 0;
  return (
    <div className="mt-3 grid gap-3">
      <TextPart text={draft.text} folded={read !== null} file={file} />
      {read === null && pending && (
        <p role="status" className="text-faint">
          Reading …
        </p>
      )}
      {read && (
        <>
          <Summary
            read={read}
            pending={pending}
            size={draft.size}
            open={open}
            onFirst={() => {
              const first = list.current?.querySelector("[data-open]");
              first?.scrollIntoView({ block: "center" });
              first?.querySelector<HTMLElement>("button")?.focus();
            }}
          />
          <ol ref={list} aria-label="The pattern, and what is made of it" className="border-t border-line">
            {read.phrases.slice(0, MOST_SHOWN).map((phrase, index) => (
              <PatternPhrase
                key={phrase.from}
                phrase={phrase}
                before={read.phrases[index - 1]}
                project={read.project}
                worked={read.worked}
              />
            ))}
          </ol>
          {read.phrases.length > MOST_SHOWN && (
            <p className="text-madder">
              Only the first {MOST_SHOWN} sentences are shown; {read.phrases.length - MOST_SHOWN} more were
              read.
            </p>
          )}
          <div className="sticky -bottom-6 -mx-6 -mb-6 flex flex-wrap items-center justify-end gap-3 border-t border-line bg-card px-6 py-3">
            {open > 0 && (
              <p className="mr-auto text-sm text-madder">
                {countOf(open, "sentence")} missing: the answer will say so.
              </p>
            )}
            <Button
              look="main"
              size="large"
              disabled={!read.project || pending}
              onClick={() => {
                if (!read.project) return;
                startWith(read.project);
                onDone();
              }}
            >
              Start with this
            </Button>
          </div>
        </>
      )}
    </div>
  );
}

interface TextPartProps {
  readonly text: string;
  readonly folded: boolean;
  readonly file: File | null;
}

function TextPart({ text, folded, file }: TextPartProps) {
  const id = useId();
  const { opening, leftOut, take } = useOpening(setPatternText);
  useEffect(() => {
    if (file) void take(file);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- a file is taken once, when it comes
  }, [file]);
  return (
    <div>
      <details open={!folded} key={String(folded)}>
        <summary className="cursor-pointer text-sm font-semibold">
          {folded ? "Change the text" : "The pattern"}
        </summary>
        <label htmlFor={id} className="mt-2 block text-sm">
          Paste the whole pattern: sizes, yarn, gauge, abbreviations, and the instructions piece by piece. Or
          drop its file here: PDF, .docx or text.
        </label>
        <textarea
          id={id}
          value={text}
          onChange={({ target }) => setPatternText(target.value)}
          onDrop={(event) => {
            const file = event.dataTransfer.files[0];
            if (!file) return;
            event.preventDefault();
            event.stopPropagation();
            void take(file);
          }}
          rows={10}
          spellCheck={false}
          maxLength={MOST_LETTERS}
          className="mt-1 block w-full rounded-lg border border-edge bg-paper px-2.5 py-1.5 text-base"
        />
        <div className="mt-2 flex flex-wrap items-center gap-3">
          <FileButton label="File of a pattern" accept={PATTERN_FILES} onFile={(one) => void take(one)}>
            Open a file
          </FileButton>
          {text !== "" && (
            <Button look="link" onClick={() => setPatternText("")}>
              Empty it
            </Button>
          )}
        </div>
      </details>
      <OpeningBar opening={opening} />
      {leftOut.length > 0 && (
        <details className="mt-2 text-sm text-faint">
          <summary className="cursor-pointer">
            Left out of the file: {countOf(leftOut.length, "line")}, heads, feet and numbers of pages
          </summary>
          <ul>
            {leftOut.map((line, index) => (
              <li key={index}>{line}</li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

/** Every size of the pattern, read and calculated by itself, when one wants to see them. */
function AllSizes({ sizes }: { readonly sizes: readonly string[] }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="mt-1.5 text-sm" onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary className="cursor-pointer">All sizes side by side</summary>
      {open && (
        <ul aria-label="All sizes" className="mt-1 grid gap-x-4 sm:grid-cols-2">
          {sizes.map((name, size) => (
            <OneSize key={size} name={name} size={size} />
          ))}
        </ul>
      )}
    </details>
  );
}

function OneSize({ name, size }: { readonly name: string; readonly size: number }) {
  const units = useUnits();
  const { read } = usePatternRead(size);
  const answer = read?.answer;
  const open = read?.phrases.filter(isOpen).length ?? 0;
  return (
    <li className="flex flex-wrap items-baseline gap-x-2 border-t border-line py-1">
      <strong className="min-w-12">{name}</strong>
      {!read ? (
        <span className="text-faint">calculating …</span>
      ) : !answer ? (
        <span className="text-madder">has no answer</span>
      ) : (
        <span>
          {countOf(answer.balls, "ball")}
          {open > 0 && " so far"}, {formatYarn(metres(answer.needM[1]), units)};{" "}
          {formatSize(millimetres(answer.acrossMm), units)} × {formatSize(millimetres(answer.alongMm), units)}
        </span>
      )}
    </li>
  );
}

interface SummaryProps {
  readonly read: PatternRead;
  readonly pending: boolean;
  readonly size: number;
  /** Sentences that nobody has settled. */
  readonly open: number;
  readonly onFirst: () => void;
}

function Summary({ read, pending, size, open, onFirst }: SummaryProps) {
  const units = useUnits();
  const said = useSaid();
  const { answer, sizes, facts, title, project } = read;
  return (
    <div className={pending ? "opacity-60" : ""} aria-live="polite">
      <p className="font-display text-xl">{title || "A pattern without a title"}</p>
      {sizes.length > 1 && (
        <div className="mt-1.5 flex flex-wrap items-center gap-2 text-sm">
          <span aria-hidden>Size</span>
          <Choice
            label="Size"
            options={sizes.map((name, index) => ({ value: String(index), label: name }))}
            value={String(size)}
            onChange={(chosen) => setPatternSize(Number(chosen))}
          />
        </div>
      )}
      {sizes.length > 1 && project && <AllSizes sizes={sizes} />}
      {answer && (
        <p className="mt-1.5">
          <strong className="font-display text-3xl">{countOf(answer.balls, "ball")}</strong> of{" "}
          {formatMass(grams(answer.ballG), units)}
          {open > 0 && " so far"}
          {facts.balls !== null && <span className="text-faint">; the pattern asks for {facts.balls}</span>}
        </p>
      )}
      {answer && open === 0 && facts.balls !== null && facts.yarn?.putUp && (
        <p className="mt-1 text-sm">
          {said(
            tellHeldAgainst(
              { balls: facts.balls, ballM: facts.yarn.putUp.lengthM },
              { p10M: answer.needM[0], p50M: answer.needM[1], p90M: answer.needM[2] },
            ),
          )}
        </p>
      )}
      {!project && <p className="mt-1.5 text-madder">No piece was found: no sentence casts stitches on.</p>}
      {open > 0 ? (
        <p className="mt-1.5 flex flex-wrap items-center gap-x-2 border-l-4 border-madder pl-2">
          <TriangleAlert size={16} aria-hidden className="text-madder" />
          <span>
            <strong>{countOf(open, "sentence")}</strong> not understood
          </span>
          <Button look="link" onClick={onFirst}>
            Go to the first
          </Button>
        </p>
      ) : (
        project && <p className="mt-1.5 text-moss">Every sentence is understood, and every count agrees.</p>
      )}
    </div>
  );
}
