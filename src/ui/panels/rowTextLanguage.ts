/** What the editor knows of row text: colours, completion, and a word on what the pointer is over. */
import { autocompletion, type CompletionContext } from "@codemirror/autocomplete";
import {
  Decoration,
  EditorView,
  MatchDecorator,
  ViewPlugin,
  hoverTooltip,
  type ViewUpdate,
} from "@codemirror/view";
import { takeDefinitions } from "@/core/instructions/definitions";
import { crossingNamed } from "@/core/instructions/names";
import { plainSigns } from "@/core/instructions/plainSigns";
import { crossingMeant, crossingWords, readCrossingName } from "@/core/stitches/crossingNames";
import { allOperations } from "@/core/stitches/operations";
import { explain } from "@/state/chosen/how";

const CROSSINGS = ["1/1", "2/1", "2/2", "3/3", "4/4", "5/5", "6/6"].flatMap((sides) =>
  ["LC", "RC", "LPC", "RPC"].map((side) => `${sides} ${side}`),
);

/** Each kind of word, the first that fits. */
const COLOURS = [
  { name: "cm-heading", pattern: /^(?:\d+(?:st|nd|rd|th)\s+|[rw]s\s+)?(?:rows?|rnds?|rounds?|all)\b[^:]*:/i },
  { name: "cm-crossing", pattern: /^(?:\d+\/\d+(?:\/\d+)?\s?[lr](?:pc|rc|c)|(?:cr|c|t)\d+[fblr]|[lr]t)\b/i },
  { name: "cm-repeat", pattern: /^(?:[*[\]()]|rep|repeat|times|twice)/i },
  { name: "cm-texture", pattern: /^(?:mb|nupp|yo|k\d*tog|p\d*tog|ss[kp]|skp|cdd|m1)/i },
];

const decorator = new MatchDecorator({
  regexp:
    /(?:\b\d+(?:st|nd|rd|th)\s+|\b[rw]s\s+)?\b(?:rows?|rnds?|rounds?|all)\b[^:\n]{0,60}:|\d+\/\d+(?:\/\d+)?\s?[lr](?:pc|rc|c)\b|\b(?:cr|c|t)\d+[fblr]\b|\b[lr]t\b|[*[\]()]|\b(?:repeat|rep|times|twice|mb\d*|nupp\d*|yo|[kp]\d+tog|ss[kp]|skp|cdd|m1[lrp]*)\b/gi,
  decoration: ([match]) => {
    const colour = COLOURS.find(({ pattern }) => pattern.test(match ?? ""));
    return colour ? Decoration.mark({ class: colour.name }) : null;
  },
});

const colours = ViewPlugin.define(
  (view) => {
    const plugin = {
      decorations: decorator.createDeco(view),
      update({ docChanged, viewportChanged, view: current }: ViewUpdate) {
        if (docChanged || viewportChanged) plugin.decorations = decorator.createDeco(current);
      },
    };
    return plugin;
  },
  { decorations: ({ decorations }) => decorations },
);

const options = [
  ...allOperations.map(({ abbreviation, us }) => ({ label: abbreviation, detail: us, type: "keyword" })),
  ...CROSSINGS.flatMap((label) => {
    const crossing = crossingMeant(label);
    return crossing ? [{ label, detail: crossingWords(crossing), type: "keyword" }] : [];
  }),
  ...["rep from * to end", "rep from * to last", "and all WS rows:", "k the knits and p the purls"].map(
    (label) => ({
      label,
      type: "text",
    }),
  ),
];

const complete = (context: CompletionContext) => {
  const word = context.matchBefore(/[\w/]+/);
  return word && (context.explicit || word.to - word.from > 1) ? { from: word.from, options } : null;
};

const explainWord = hoverTooltip((view, at) => {
  const line = view.state.doc.lineAt(at);
  const words = [...line.text.matchAll(/\d+\/\d+(?:\/\d+)?\s?[lr](?:pc|rc|c)\b|[a-z]+\d*[a-z]*/gi)];
  const found = words.find(
    ({ index, 0: word }) => line.from + index <= at && at <= line.from + index + word.length,
  );
  if (!found) return null;
  // What the pattern itself explains comes before what the word means elsewhere.
  const { definitions } = takeDefinitions(plainSigns(view.state.doc.toString()), []);
  const own = crossingNamed(found[0], definitions);
  const crossing = own && !("ambiguous" in own) ? own : null;
  const told = crossing ? crossingWords(crossing) : meaningOf(found[0]);
  if (!told) return null;
  const from = line.from + found.index;
  return {
    pos: from,
    end: from + found[0].length,
    above: true,
    create: () => {
      const dom = document.createElement("div");
      dom.textContent = told;
      if (crossing) {
        const how = document.createElement("button");
        how.type = "button";
        how.textContent = "How is it worked?";
        how.className = "cm-how";
        how.addEventListener("click", () => explain({ crossing }));
        dom.append(" ", how);
      }
      return { dom };
    },
  };
});

/** A word of a pattern explained. Example: "C4F" is "2 over 2, leaning left". */
function meaningOf(word: string): string | null {
  const crossing = readCrossingName(word);
  if (crossing)
    return "ambiguous" in crossing ? `Can mean ${crossing.ambiguous.join(" or ")}` : crossingWords(crossing);
  const plain = word.toLowerCase().replace(/^([kp])\d+$/, "$1");
  return allOperations.find(({ abbreviation }) => abbreviation === plain)?.us ?? null;
}

const look = EditorView.theme({
  "&": {
    fontSize: "1rem",
    backgroundColor: "var(--paper)",
    borderRadius: "0.5rem",
    border: "1px solid var(--edge)",
  },
  "&.cm-focused": { outline: "3px solid var(--woad)", outlineOffset: "2px" },
  ".cm-content": { fontFamily: "var(--font-text)", caretColor: "var(--ink)", padding: "0.5rem 0" },
  ".cm-gutters": { backgroundColor: "var(--card)", color: "var(--faint)", border: "none" },
  ".cm-cursor": { borderLeftColor: "var(--ink)" },
  "&.cm-focused .cm-selectionBackground, .cm-selectionBackground": {
    backgroundColor: "color-mix(in oklab, var(--woad) 30%, transparent)",
  },
  ".cm-heading": { fontWeight: "700" },
  ".cm-crossing": { color: "var(--madder)", fontWeight: "600" },
  ".cm-texture": { color: "var(--moss)" },
  ".cm-how": { color: "var(--woad)", textDecoration: "underline", marginLeft: "0.5rem" },
  ".cm-repeat": { color: "var(--woad)", fontWeight: "600" },
  ".cm-tooltip": {
    backgroundColor: "var(--card)",
    color: "var(--ink)",
    border: "1px solid var(--edge)",
    padding: "0.25rem 0.5rem",
  },
  ".cm-tooltip-autocomplete ul li[aria-selected]": { backgroundColor: "var(--ink)", color: "var(--paper)" },
  ".cm-lintRange-error": {
    backgroundImage: "none",
    borderBottom: "2px wavy var(--madder)",
    textDecoration: "underline wavy var(--madder)",
  },
  ".cm-lintRange-warning": { backgroundImage: "none", textDecoration: "underline wavy var(--weld)" },
});

export const rowTextLanguage = [colours, autocompletion({ override: [complete] }), explainWord, look];
