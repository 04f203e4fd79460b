/** What is typed before there is a project: it stands as long as the page is open, whichever door one goes through. */
import { create } from "zustand";

const useDrafts = create<{ readonly texts: Readonly<Record<string, string>> }>()(() => ({ texts: {} }));

/** A text by its key, as it was typed last; and what keeps another one. */
export function useDraft<Text extends string = string>(
  key: string,
  initial: NoInfer<Text>,
): readonly [Text, (text: Text) => void] {
  const text = useDrafts(({ texts }) => texts[key] as Text | undefined);
  const keep = (next: Text) => useDrafts.setState(({ texts }) => ({ texts: { ...texts, [key]: next } }));
  return [text ?? initial, keep];
}
