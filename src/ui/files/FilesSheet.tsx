"use client";
import { useState } from "react";
import { fileStem } from "@/core/files/projectFile";
import { openFiles } from "@/state/chosen/filesSheet";
import { useAnswer } from "@/state/engine/answer";
import { useOmissions } from "@/state/engine/omissions";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { useProject } from "@/state/project/projectStore";
import { toClipboard } from "@/ui/parts/clipboard";
import { Button } from "@/ui/parts/Button";
import { download } from "@/ui/parts/download";
import { EmptyState } from "@/ui/parts/EmptyState";
import { useSaid } from "@/ui/parts/Said";
import { Sheet } from "@/ui/parts/Sheet";
import { omissionName } from "@/ui/frame/LeftOut";
import { saveProjectFile } from "@/ui/frame/projectFiles";
import { askBallMaps, knittingSheet, type SheetBasis } from "./sheet";
import { ballTable, ledgerTable, logTable } from "./tables";

interface Row {
  readonly name: string;
  readonly what: string;
  readonly acts: readonly { readonly label: string; readonly act: () => void }[];
}

/** What the sheet is written of; null without an answer. */
function useSheetBasis(): SheetBasis | null {
  const answer = useAnswer();
  const project = useProject();
  const units = useUnits();
  const naming = useSettings((settings) => settings.naming);
  const words = useSettings((settings) => settings.words);
  const tell = useSaid();
  const omissions = useOmissions();
  if (!answer.known) return null;
  const leftOut = omissions.map((one) => omissionName(project, one, words, tell));
  return { project, answer, units, style: { naming, words }, tell, leftOut };
}

const today = () => new Date().toLocaleDateString();

/** Everything of the project that can leave as a file, or on paper. */
export function FilesSheet() {
  const basis = useSheetBasis();
  const [said, setSaid] = useState("");
  const [busy, setBusy] = useState(false);
  const doing = async (act: (of: SheetBasis) => Promise<string>) => {
    if (!basis || busy) return;
    setBusy(true);
    setSaid("Writing …");
    try {
      setSaid(await act(basis));
    } catch {
      setSaid("It could not be written. Try again; if it fails once more, reload the page.");
    } finally {
      setBusy(false);
    }
  };
  const save = (ending: string, type: string, content: BlobPart, of: SheetBasis) => {
    const name = `${fileStem(of.project.name) || "project"}${ending}`;
    download(name, new Blob([content], { type }));
    return `Saved as ${name}.`;
  };
  const asPdf = (of: SheetBasis) =>
    knittingSheet(of, today()).then(async (blocks) => {
      const { sheetPdf } = await import("./sheetPdf");
      const bytes = await sheetPdf(blocks, of.project.name || "Untitled project");
      return save("-sheet.pdf", "application/pdf", bytes as Uint8Array<ArrayBuffer>, of);
    });
  const text = async (of: SheetBasis) => {
    const { sheetText } = await import("./sheetText");
    return sheetText(await knittingSheet(of, today()));
  };
  const copy = async (of: SheetBasis) => {
    const written = await text(of);
    return (await toClipboard(written))
      ? "Copied: paste it where you want it."
      : `This browser does not let it be copied. ${save("-sheet.txt", "text/plain", written, of)}`;
  };
  const rows: readonly Row[] = [
    {
      name: "Knitting sheet",
      what: "Yarn, pieces to scale, every row, which ball works which rows, seams, finishing; in the words and units that you have chosen.",
      acts: [
        { label: "PDF", act: () => void doing(asPdf) },
        { label: "Copy as text", act: () => void doing(copy) },
        {
          label: "Text",
          act: () => void doing(async (of) => save("-sheet.txt", "text/plain", await text(of), of)),
        },
      ],
    },
    {
      name: "Where the yarn goes",
      what: "The ledger, a row for each use, in metres.",
      acts: [
        {
          label: "CSV",
          act: () =>
            void doing(async (of) =>
              save(
                "-ledger.csv",
                "text/csv",
                ledgerTable(of.answer, of.project, of.style.words, of.tell),
                of,
              ),
            ),
        },
      ],
    },
    {
      name: "Ball by ball",
      what: "Which ball works which rows.",
      acts: [
        {
          label: "CSV",
          act: () =>
            void doing(async (of) =>
              save("-balls.csv", "text/csv", ballTable(await askBallMaps(of.project), of.project), of),
            ),
        },
      ],
    },
    {
      name: "Log",
      what: "What happened on the needles, each with its time.",
      acts: [
        {
          label: "CSV",
          act: () => void doing(async (of) => save("-log.csv", "text/csv", logTable(of.project), of)),
        },
      ],
    },
  ];
  return (
    <Sheet open onOpenChange={openFiles} title="Print and files">
      {basis ? (
        <ul className="mt-2 divide-y divide-line">
          {rows.map(({ name, what, acts }) => (
            <li key={name} className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-2.5">
              <span className="min-w-0 flex-1 basis-52">
                <strong>{name}</strong>
                <span className="block text-sm text-faint">{what}</span>
              </span>
              <span className="flex flex-wrap gap-2">
                {acts.map(({ label, act }) => (
                  <Button
                    key={label}
                    size="small"
                    disabled={busy}
                    aria-label={`${name}: ${label}`}
                    onClick={act}
                  >
                    {label}
                  </Button>
                ))}
              </span>
            </li>
          ))}
        </ul>
      ) : (
        <EmptyState>There is no answer yet, so there is nothing to write but the project itself.</EmptyState>
      )}
      <p className="mt-3 border-t border-line pt-3 text-sm text-faint">
        The project itself comes back from its file, and nothing else does; the shopping list is saved on the
        Order bench, the shelf on the Shelf, a chart and a fabric beside it.
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <Button onClick={saveProjectFile}>Save the project to a file</Button>
        <span role="status" className="text-sm">
          {said}
        </span>
      </div>
    </Sheet>
  );
}
