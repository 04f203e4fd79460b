"use client";
import { useSaid } from "@/ui/parts/Said";
import { typed } from "@/state/project/projectStore";
import { defaultKeymap, history, historyKeymap } from "@codemirror/commands";
import { setDiagnostics } from "@codemirror/lint";
import { EditorState } from "@codemirror/state";
import { EditorView, keymap, lineNumbers } from "@codemirror/view";
import { useEffect, useRef } from "react";
import type { Finding } from "@/core/instructions/findings";
import { rowTextLanguage } from "./rowTextLanguage";

interface RowTextEditorProps {
  readonly text: string;
  readonly readOnly: boolean;
  readonly findings: readonly Finding[];
  readonly onChange: (text: string) => void;
}

/** Keystrokes closer together than this are one change, so that a key only moves letters; leaving tells at once. */
const SETTLE_MS = 80;

const SEVERITY = { error: "error", question: "warning", warning: "warning", remark: "hint" } as const;

/** Row text with its colours; findings are underlined where they stand. */
export function RowTextEditor({ text, readOnly, findings, onChange }: RowTextEditorProps) {
  const place = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView>(null);
  const changed = useRef(onChange);
  const said = useSaid();
  useEffect(() => {
    changed.current = onChange;
  }, [onChange]);

  useEffect(() => {
    if (!place.current) return;
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const tell = () => {
      if (waiting === undefined) return;
      clearTimeout(waiting);
      waiting = undefined;
      typed(() => changed.current(editor.state.doc.toString()));
    };
    const editor = new EditorView({
      parent: place.current,
      state: EditorState.create({
        extensions: [
          lineNumbers(),
          history(),
          keymap.of([...defaultKeymap, ...historyKeymap]),
          EditorView.lineWrapping,
          EditorView.contentAttributes.of({ "aria-label": "Rows as text" }),
          EditorState.readOnly.of(readOnly),
          EditorView.editable.of(!readOnly),
          EditorView.updateListener.of(({ docChanged }) => {
            if (docChanged) waiting ??= setTimeout(tell, SETTLE_MS);
          }),
          EditorView.domEventHandlers({ blur: () => tell() }),
          ...rowTextLanguage,
        ],
      }),
    });
    view.current = editor;
    window.addEventListener("pagehide", tell);
    return () => {
      tell();
      window.removeEventListener("pagehide", tell);
      editor.destroy();
      view.current = null;
    };
  }, [readOnly]);

  useEffect(() => {
    const editor = view.current;
    if (!editor || editor.state.doc.toString() === text) return;
    editor.dispatch({ changes: { from: 0, to: editor.state.doc.length, insert: text } });
  }, [text, readOnly]);

  useEffect(() => {
    const editor = view.current;
    if (!editor) return;
    const { length } = editor.state.doc;
    editor.dispatch(
      setDiagnostics(
        editor.state,
        findings
          .filter(({ to }) => to <= length)
          .map(({ from, to, severity, message }) => ({
            from,
            to,
            severity: SEVERITY[severity],
            message: said(message),
          })),
      ),
    );
  }, [findings, text, readOnly, said]);

  return <div ref={place} className="max-h-96 overflow-auto rounded-lg max-md:h-80" />;
}
