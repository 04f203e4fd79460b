"use client";
import { useStartSheet, type WayIn } from "@/state/chosen/startSheet";
import { lazily } from "@/ui/parts/lazily";

const PatternReader = lazily("The reader of patterns", () =>
  import("@/ui/pattern/PatternReader").then((file) => file.PatternReader),
);
const ReplaceForm = lazily("Another yarn", () => import("./ReplaceForm").then((file) => file.ReplaceForm));
const UseUpForm = lazily("Yarn to use up", () => import("./UseUpForm").then((file) => file.UseUpForm));
const OwnForm = lazily("Something of my own", () => import("./OwnForm").then((file) => file.OwnForm));

/** The ways in: each with its name, the same short, and what it needs and gives. */
export const WAYS: {
  readonly [Way in WayIn]: { readonly name: string; readonly short: string; readonly says: string };
} = {
  pattern: {
    name: "A pattern to read",
    short: "Pattern",
    says: "Paste it or open its file. Brenok works it row by row and says how many balls it takes.",
  },
  replace: {
    name: "A yarn to replace",
    short: "Other yarn",
    says: "What the pattern asks for, and the yarn you have or want: balls of each, and how the fabric will be.",
  },
  useUp: {
    name: "Yarn to use up",
    short: "Use up",
    says: "Say what you have: how long a scarf, how wide a mat, what else it is enough for.",
  },
  own: {
    name: "Something of my own",
    short: "My own",
    says: "A hat, a blanket, a jumper in your measures, cabled as you like.",
  },
};

interface WayFormProps {
  readonly way: WayIn;
  /** Whether there is an open project beside it. */
  readonly beside: boolean;
  readonly onDone: () => void;
}

/** What one way asks, and its answer. */
export function WayForm({ way, beside, onDone }: WayFormProps) {
  const file = useStartSheet((start) => start.file);
  if (way === "pattern") return <PatternReader file={file} onDone={onDone} />;
  if (way === "replace") return <ReplaceForm onDone={onDone} />;
  if (way === "useUp") return <UseUpForm onDone={onDone} />;
  return <OwnForm beside={beside} onDone={onDone} />;
}
