/** What is typed before there is a project, or beside it: it stands as long as the page is open. */
import { create } from "zustand";

type Texts = Readonly<Record<string, string>>;

const useStore = create<{ readonly texts: Texts }>()(() => ({ texts: {} }));

const keep = (key: string, text: string) =>
  useStore.setState(({ texts }) => ({ texts: { ...texts, [key]: text } }));

/** A text by its key, as it was typed last; and what keeps another one. */
export function useDraft<Text extends string = string>(
  key: string,
  initial: NoInfer<Text>,
): readonly [Text, (text: Text) => void] {
  const text = useStore(({ texts }) => texts[key] as Text | undefined);
  return [text ?? initial, (next) => keep(key, next)];
}

/** All texts by their keys, for whoever has as many fields as there are things; one that nobody typed is missing. */
export const useDrafts = () => ({ texts: useStore(({ texts }) => texts) as Readonly<Partial<Texts>>, keep });
