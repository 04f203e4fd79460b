/** What was typed into fields that are no figures of the project: it stands there again when a sheet is opened anew. */
import { create } from "zustand";
import { useShallow } from "zustand/react/shallow";

interface Typed {
  readonly text: string;
  /** Whether it could not be read, so that the last good value stands in its place. */
  readonly refused: boolean;
}

interface Place {
  /** Whose it is, by id; and what the field is called. */
  readonly of: string;
  readonly label: string;
}

const useTexts = create<Readonly<Record<string, Typed & Place>>>()(() => ({}));
const keyOf = ({ of, label }: Place) => `${of} ${label}`;

/** The text of a field; null where nothing was typed. */
export const useTypedText = (place: Place): string | null =>
  useTexts((texts) => texts[keyOf(place)]?.text ?? null);

export const keepText = (place: Place, typed: Typed) =>
  useTexts.setState({ [keyOf(place)]: { ...place, ...typed } });

/** All fields whose text could not be read. */
export const useAllRefused = (): readonly Place[] =>
  useTexts(useShallow((texts) => Object.values(texts).filter(({ refused }) => refused)));

/** Forgets what was typed: the last good value is shown again. */
export const dropText = (place: Place) => {
  const texts = { ...useTexts.getState() };
  delete texts[keyOf(place)];
  useTexts.setState(texts, true);
};

/** Labels of fields of these owners whose text could not be read. */
export const useRefusedFields = (owners: readonly string[]): readonly string[] =>
  useTexts(
    useShallow((texts) =>
      Object.values(texts).flatMap(({ of, label, refused }) =>
        refused && owners.includes(of) ? [label] : [],
      ),
    ),
  );
