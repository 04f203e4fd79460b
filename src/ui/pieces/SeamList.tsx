"use client";
import { say } from "@/core/words/message";
import { Button } from "@/ui/parts/Button";
import { Said, useSaid } from "@/ui/parts/Said";
import { Plus, Trash2 } from "lucide-react";
import { toast } from "@/ui/parts/toast";
import type { KnownSeen } from "@/core/engine/seen";
import { yarnOfItem } from "@/core/estimate/wholeProject";
import { meeting, type SeamPlan, type SewnEdge } from "@/core/estimate/plan";
import { mixedSeam } from "@/core/garment/pickUp";
import { toMetres } from "@/core/units/brands";
import { formatSize, formatYarn } from "@/core/units/format";
import { chooseItem, useChosenItem } from "@/state/chosen/chosen";
import { addSeam, editSeam, removeItem } from "@/state/project/finishing";
import { useProject } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { IconButton } from "@/ui/parts/IconButton";
import { MeasureField } from "@/ui/parts/MeasureField";
import { Why } from "@/ui/parts/Why";
import { Select } from "@/ui/parts/Select";
import { undoable } from "@/ui/parts/undoable";
import { ItemRow } from "./ItemRow";
import { ItemYarn } from "./ItemYarn";
import { EDGE_SIDES, type Seam } from "@/core/project/finishing";
import { seamName } from "@/core/estimate/seamName";

/** What is sewn, edge to edge; the open one can be changed. */
export function SeamList({ answer }: { readonly answer: KnownSeen }) {
  const units = useUnits();
  const project = useProject();
  const chosen = useChosenItem("seam");
  const said = useSaid();
  const { plan } = answer;
  return (
    <section aria-label="Seams" className="mt-2">
      <h3 className="text-base font-semibold">Seams</h3>
      {project.seams.length === 0 && <p className="text-sm text-faint">Nothing is sewn yet.</p>}
      <ul>
        {project.seams.map((seam) => {
          const sewn = plan.seams.find(({ id }) => id === seam.id);
          const mm = sewn ? yarnOfItem(answer.estimate.lines, seam.id) : null;
          return (
            <ItemRow
              key={seam.id}
              name={said(seamName(project, seam))}
              times={seam.times}
              aside={mm === null ? "not sewn" : formatYarn(toMetres(mm), units)}
              open={seam.id === chosen}
              onToggle={() => chooseItem("seam", seam.id === chosen ? null : seam.id)}
            >
              <SeamFields seam={seam} sewn={sewn ?? null} answer={answer} />
            </ItemRow>
          );
        })}
      </ul>
      <Button onClick={addSeam} size="small" className="mt-1">
        <Plus size={15} aria-hidden /> A seam
      </Button>
    </section>
  );
}

const NOTHING = "";

function SeamFields({
  seam,
  sewn,
  answer,
}: {
  readonly seam: Seam;
  readonly sewn: SeamPlan | null;
  readonly answer: KnownSeen;
}) {
  const said = useSaid();
  const project = useProject();
  const units = useUnits();
  const finding = answer.finishing.find(({ of, id }) => of === "seams" && id === seam.id);
  const pieces = [
    { value: NOTHING, label: "something else" },
    ...project.pieces.map(({ id, name }) => ({ value: id, label: name })),
  ];
  const edge = (which: "of" | "to", pieceLabel: string, edgeLabel: string) => (
    <>
      <Select
        label={pieceLabel}
        options={pieces}
        value={seam[which]?.pieceId ?? NOTHING}
        onChange={(pieceId) =>
          editSeam(seam.id, {
            [which]: pieceId === NOTHING ? null : { side: "side", ...seam[which], pieceId },
          })
        }
      />
      {seam[which] ? (
        <Select
          label={edgeLabel}
          options={EDGE_SIDES.map((value) => ({ value, label: said(say("edgeName", { side: value })) }))}
          value={seam[which].side}
          says={said(say("edgeWhy", { side: seam[which].side }))}
          onChange={(side) => seam[which] && editSeam(seam.id, { [which]: { ...seam[which], side } })}
        />
      ) : (
        <span />
      )}
    </>
  );
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-1">
      {edge("of", "Sewn is", "its edge")}
      {edge("to", "to", "its edge")}
      <MeasureField field="seamTimes" label="Seams like this" example="e.g. 2" />
      <MeasureField field="seamOpen" label="Left open of each" example="nothing" />
      <MeasureField
        field="seamLength"
        label="or its length"
        example={sewn ? formatSize(sewn.lengthMm, units) : say("exampleSize", { mm: 200 })}
        says={
          sewn && (
            <>
              sewn over <Why of={{ figure: "seam", id: seam.id }}>{formatSize(sewn.lengthMm, units)}</Why>
            </>
          )
        }
      />
      <ItemYarn yarnId={seam.yarnId} onYarn={(yarnId) => editSeam(seam.id, { yarnId })} />
      {finding && (
        <p className="col-span-2 text-sm text-madder">
          <Said>{finding.message}</Said>
        </p>
      )}
      {sewn && <Match sewn={sewn} />}
      <span className="col-span-2 justify-self-end">
        <IconButton
          label="Delete this seam"
          icon={Trash2}
          onClick={() => {
            removeItem("seams", seam.id);
            toast.success("The seam is deleted.", undoable);
          }}
        />
      </span>
    </div>
  );
}

/** What lies along what is sewn. Example: "46 of the 190 rows". */
const along = (met: number, { count, things }: SewnEdge) =>
  met < count ? `${met} of the ${count} ${things}` : `${met} ${things}`;

/** Which rows meet which stitches. */
function Match({ sewn }: { readonly sewn: SeamPlan }) {
  const units = useUnits();
  const met = meeting(sewn);
  if (!met || !sewn.of || !sewn.to) return null;
  const { text } = mixedSeam(...met, [sewn.of.things, sewn.to.things]);
  return (
    <p className="col-span-2 text-sm">
      {along(met[0], sewn.of)} of {formatSize(sewn.of.lengthMm, units)} meet {along(met[1], sewn.to)} of{" "}
      {formatSize(sewn.to.lengthMm, units)}. <Said>{text}</Said>
    </p>
  );
}
