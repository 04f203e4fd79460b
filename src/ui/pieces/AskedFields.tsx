"use client";
import { say } from "@/core/words/message";
import { ASKS_BY_WORDS } from "@/core/project/asks";
import { asksBy } from "@/state/project/asks";
import { useProjectPart } from "@/state/project/projectStore";
import { Choice } from "@/ui/parts/Choice";
import { MeasureField } from "@/ui/parts/MeasureField";
import { WhichSize } from "@/ui/pieces/WhichSize";

const BY = ASKS_BY_WORDS.map(([value, label]) => ({ value, label }));

/** What a pattern asks for, where nothing more is known of the thing: as much, at which gauge, in which size. */
export function AskedFields() {
  const by = useProjectPart((project) => project.asks.by);
  return (
    <>
      <div className="col-span-2 text-sm">
        <p aria-hidden>The pattern says</p>
        <Choice label="How the pattern says it" options={BY} value={by} onChange={asksBy} />
      </div>
      {by === "length" ? (
        <MeasureField field="asksLength" label="Yarn" example={say("exampleYarn", { m: 640 })} />
      ) : (
        <>
          <MeasureField field="asksBalls" label={by === "nearly" ? "Nearly" : "Balls"} example="e.g. 9" />
          <MeasureField field="asksBall" label="A ball holds" example={say("exampleBall")} />
        </>
      )}
      <div className="col-span-2 empty:hidden">
        <WhichSize />
      </div>
      <MeasureField field="asksStitches" label="Its stitch gauge" example="as yours" />
      <MeasureField field="asksRows" label="Its row gauge" example="as yours" />
      <MeasureField field="askedCabled" label="Cabled" example="e.g. 40 %" says="of its stitches, about" />
      <div className="col-span-2 grid grid-cols-2 gap-x-3">
        <MeasureField field="asksAcross" label="Its size, across or round" example="for other sizes" />
        <MeasureField field="asksAlong" label="and its length" example="for other sizes" />
      </div>
    </>
  );
}
