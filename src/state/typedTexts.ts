/** What was typed into fields that are no fields of the project: it stands there again when a sheet is opened anew. */
import { create } from "zustand";

const useTexts = create<Readonly<Record<string, string>>>()(() => ({}));

/** The text of a field, by whose it is and what it is called; null where nothing was typed. */
export const useTypedText = (key: string): string | null => useTexts((texts) => texts[key] ?? null);

export const keepText = (key: string, text: string) => useTexts.setState({ [key]: text });
