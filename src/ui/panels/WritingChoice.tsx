"use client";
import { Button } from "@/ui/parts/Button";
import { useEffect, useState } from "react";
import { reader } from "@/state/engine/workers";
import { setNaming, setWords, useSettings } from "@/state/keeping/settings";
import { Choice } from "@/ui/parts/Choice";
import { NAMING, WORDS } from "@/ui/frame/settingChoices";
import { Sheet } from "@/ui/parts/Sheet";

/** The rows written out one by one, in the naming and the words that the knitter is used to. */
export function WritingChoice({ text }: { readonly text: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        Write it out
      </Button>
      <Sheet open={open} onOpenChange={setOpen} title="Row by row">
        <WrittenOut text={text} />
      </Sheet>
    </>
  );
}

/** Mounted only while the sheet is open, so that the text is not studied a second time behind every keystroke. */
function WrittenOut({ text }: { readonly text: string }) {
  const { naming, words } = useSettings();
  const [written, setWritten] = useState("");
  useEffect(() => {
    let current = true;
    void reader()
      .writeOut(text, { naming, words })
      .then((rows) => {
        if (current) setWritten(rows);
      });
    return () => {
      current = false;
    };
  }, [text, naming, words]);
  return (
    <>
      <div className="mt-3 flex gap-3">
        <Choice label="Crossings" options={NAMING} value={naming} onChange={setNaming} />
        <Choice label="Words" options={WORDS} value={words} onChange={setWords} />
      </div>
      <pre className="mt-3 font-[inherit] whitespace-pre-wrap select-all">{written}</pre>
    </>
  );
}
