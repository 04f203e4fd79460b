"use client";
import { Button } from "@/ui/parts/Button";
import { useEffect, useState } from "react";
import { toast } from "@/ui/parts/toast";
import { choosePanel, useChosenPanel } from "@/state/chosen/panel";
import { addPanel, deletePanel, editPanel, useOwnPanels } from "@/state/project/panels";
import { reader } from "@/state/engine/workers";
import type { StudiedPanel } from "@/workers/reader.worker";
import { MakeMenu } from "./MakeMenu";
import { PanelList } from "./PanelList";
import { PanelOrigin } from "./PanelOrigin";
import { PanelView } from "./PanelView";
import { WritingChoice } from "./WritingChoice";
import { undoable } from "@/ui/parts/undoable";
import { WordsField } from "@/ui/parts/WordsField";

const START = "Row 1 (RS): P2, 2/2 LC, P2.\nRow 2 and all WS rows: K2, P4, K2.\nRow 3: P2, K4, P2.";

/** The library of panels and the knitter's own, each as text and as chart. */
export function PanelsBench() {
  const own = useOwnPanels();
  const [library, setLibrary] = useState<readonly StudiedPanel[]>([]);
  const chosen = useChosenPanel(({ id }) => id);
  useEffect(() => {
    let current = true;
    void reader()
      .studyLibrary()
      .then((panels) => {
        if (current) setLibrary(panels);
      });
    return () => {
      current = false;
    };
  }, []);

  const mine = own.find(({ id }) => id === chosen);
  const theirs = library.find(({ id }) => id === chosen) ?? library[0];
  const copy = (name: string, text: string, from: string) => {
    choosePanel(addPanel({ name, text }, from));
    toast.success(`${name} is among your panels`, undoable);
  };
  const remove = (id: string, name: string) => {
    deletePanel(id);
    toast.success(`${name} is deleted`, undoable);
  };

  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-3 md:grid-cols-[19rem_minmax(0,1fr)]">
      <PanelList
        own={own}
        library={library}
        chosen={mine?.id ?? theirs?.id ?? ""}
        onChoose={choosePanel}
        onNew={() => choosePanel(addPanel({ name: "New panel", text: START }))}
        onRead={(name, text) => {
          choosePanel(addPanel({ name, text }));
          toast.success(`${name} is among your panels`, undoable);
        }}
      />
      {mine ? (
        <PanelView
          key={mine.id}
          name={mine.name}
          text={mine.text}
          readOnly={false}
          onText={(text) => editPanel(mine.id, { text })}
        >
          <WordsField
            labelHidden
            label="Name"
            example="Name"
            value={mine.name}
            onText={(name) => editPanel(mine.id, { name })}
          />
          <Button size="small" onClick={() => copy(`${mine.name}, copy`, mine.text, mine.name)}>
            Duplicate
          </Button>
          <MakeMenu name={mine.name} text={mine.text} onMade={choosePanel} />
          <WritingChoice text={mine.text} />
          <Button size="small" onClick={() => remove(mine.id, mine.name)}>
            Delete
          </Button>
          <PanelOrigin panel={mine} />
        </PanelView>
      ) : (
        theirs && (
          <PanelView
            key={theirs.id}
            name={theirs.name}
            text={theirs.text}
            told={[theirs.lies, `Needs at its sides: ${theirs.sides}`]}
            readOnly
            onText={() => {}}
          >
            <Button
              size="small"
              onClick={() => copy(theirs.name, theirs.text, `${theirs.name}, from the library`)}
            >
              Copy to my panels and change it
            </Button>
            <MakeMenu name={theirs.name} text={theirs.text} onMade={choosePanel} />
            <WritingChoice text={theirs.text} />
          </PanelView>
        )
      )}
    </div>
  );
}
