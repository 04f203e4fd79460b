"use client";
import type { ReactNode } from "react";
import { openGlossary } from "@/state/chosen/glossary";
import { openHome } from "@/state/chosen/homeSheet";
import { showStep } from "@/state/chosen/firstSteps";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";
import { CAUTIONS } from "@/ui/parts/cautions";
import { SHORTCUTS } from "@/ui/frame/shortcuts";

interface QuestionProps {
  readonly asked: string;
  readonly children: ReactNode;
}

const Question = ({ asked, children }: QuestionProps) => (
  <details className="border-b border-line py-2">
    <summary className="cursor-pointer font-semibold">{asked}</summary>
    <div className="mt-1 max-w-prose">{children}</div>
  </details>
);

/** What people ask, and where it is answered; it is there without a network. */
export function HelpPage() {
  return (
    <div className="grid items-start gap-3 md:grid-cols-2">
      <Card title="Help">
        <p className="mt-2 flex flex-wrap gap-2">
          <Button look="main" onClick={() => showStep(0)}>
            First steps, six short ones
          </Button>
          <Button onClick={() => openGlossary()}>Glossary of stitches</Button>
        </p>
        <div className="mt-3">
          <Question asked="How many balls, and why that many?">
            <p>
              Every row of your pieces is worked stitch by stitch and its yarn counted: plain fabric, what the
              cables pull in, what each crossing takes, edges, seams, ends. Then thousands of knitters are
              drawn who differ as people do; the chance is how many of them would have had enough. Any figure
              with dots under it says how it is calculated, from your own figures, and what would make it
              surer: press it.
            </p>
          </Question>
          <Question asked="How does the answer become surer?">
            <p>
              Type what the ball band says, then knit a swatch in the cable pattern, measure it and weigh it
              on the Swatches bench. The bench lists what to measure next and how much doubt it would take
              away. While knitting, weigh the ball from time to time.
            </p>
          </Question>
          <Question asked="What does “measured”, “computed” or “assumed” beside a figure mean?">
            <p>
              Measured: you read it off yourself. Computed: it follows from the model. Assumed: nobody said,
              so what is usual for such a yarn stands in its place; type your own and the answer follows.
            </p>
          </Question>
          <Question asked="Something is left out of the answer. What now?">
            <p>
              The answer says what it leaves out and gives no chance until that is mended. Press what is named
              there: it opens where it was typed.
            </p>
          </Question>
          <Question asked="How do I bring my pattern in?">
            <p>
              Panels take rows as printed patterns write them: “Row 1 (RS): P2, C4F, P2”, “4th row: as 2nd
              row”, keys and crossings told in words. Paste them as they stand. What a pattern says of its
              stitches, sides and repeats is held against its rows. What is not understood is underlined and
              asked about, where it can be with a way to mend it. Shapings and edges are sections of a piece.
            </p>
          </Question>
          <Question asked="Where are my projects?">
            <p>
              In this browser alone, saved half a second after each change.{" "}
              <Button look="link" onClick={() => openHome()}>
                Your projects
              </Button>{" "}
              lists them all, with former states, and saves everything to one file. Keep that file elsewhere:
              a browser whose data is cleared loses what is in it.
            </p>
          </Question>
          <Question asked="How do I take a project to my phone?">
            <p>
              “Send to another device” in the menu under the project’s name makes a link and, for small
              projects, a picture for the phone’s camera. Rows knitted on both are put together.
            </p>
          </Question>
          <Question asked="Does it work without a network?">
            <p>
              Yes, after one visit over https or on this machine: all benches, the drawing of fabrics and this
              page. Brenok talks to no other host.
            </p>
          </Question>
        </div>
      </Card>
      <div className="grid gap-3">
        <Card title="Keys">
          <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-sm">
            {SHORTCUTS.map(({ keys, does }) => (
              <div key={keys} className="contents">
                <dt className="font-semibold whitespace-nowrap">{keys}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </Card>
        <Card title="Cautions">
          <ul className="mt-2 list-disc pl-5">
            {Object.entries(CAUTIONS).map(([id, text]) => (
              <li key={id} className="mt-1">
                {text}
              </li>
            ))}
          </ul>
        </Card>
      </div>
    </div>
  );
}
