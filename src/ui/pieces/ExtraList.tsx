"use client";
import type { ReactNode } from "react";
import { Said } from "@/ui/parts/Said";
import { say, type Says } from "@/core/words/message";
import { Button } from "@/ui/parts/Button";
import { Plus, Trash2 } from "lucide-react";
import { toast } from "@/ui/parts/toast";
import { yarnOfItem } from "@/core/estimate/wholeProject";
import { EXTRA_NAMES, extraAsks, extraName, tellExtra } from "@/core/estimate/extras";
import { FULLNESSES, type Extra } from "@/core/project/finishing";
import type { FigureId } from "@/core/project/figures";
import type { KnownSeen } from "@/core/engine/seen";
import { toMetres } from "@/core/units/brands";
import { tellLength } from "@/core/yarn/putUp";
import { chooseItem, useChosenItem } from "@/state/chosen/chosen";
import { addExtra, editExtra, removeItem } from "@/state/project/finishing";
import { useProject } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { Choice } from "@/ui/parts/Choice";
import { IconButton } from "@/ui/parts/IconButton";
import { MeasureField } from "@/ui/parts/MeasureField";
import { Why } from "@/ui/parts/Why";
import { Menu } from "@/ui/parts/Menu";
import { undoable } from "@/ui/parts/undoable";
import { WordsField } from "@/ui/parts/WordsField";
import { Caution } from "@/ui/parts/Caution";
import { ItemRow } from "./ItemRow";
import { ItemYarn } from "./ItemYarn";

/** Everything that the yarn is for besides the pieces: each its own item, with how it is calculated. */
export function ExtraList({ answer }: { readonly answer: KnownSeen }) {
  const units = useUnits();
  const extras = useProject().extras;
  const chosen = useChosenItem("extra");
  return (
    <section aria-label="Extras" className="mt-2">
      <h3 className="text-base font-semibold">Extras</h3>
      {extras.length === 0 && <p className="text-sm text-faint">No pompon, fringe, cord or mending yet.</p>}
      <ul>
        {extras.map((extra) => {
          const plan = answer.plan.extras.find(({ id }) => id === extra.id);
          const yarn = answer.plan.yarns.find(({ id }) => id === plan?.yarnId);
          const takes =
            plan && yarn
              ? tellLength(toMetres(yarnOfItem(answer.estimate.lines, extra.id)), yarn.putUp, units)
              : "not counted";
          return (
            <ItemRow
              key={extra.id}
              name={extraName(extra)}
              times={extra.times}
              aside={takes}
              open={extra.id === chosen}
              onToggle={() => chooseItem("extra", extra.id === chosen ? null : extra.id)}
            >
              <ExtraFields
                extra={extra}
                says={
                  yarn ? (
                    <Why of={{ figure: "extra", id: extra.id }}>
                      <Said>{tellExtra(extra, yarn.putUp)}</Said>
                    </Why>
                  ) : null
                }
                finding={answer.finishing.find(({ of, id }) => of === "extras" && id === extra.id)?.message}
              />
            </ItemRow>
          );
        })}
      </ul>
      <AddExtra />
      {extras.some(({ kind }) => kind !== "kept") && <Caution of="babies" />}
    </section>
  );
}

const WAYS = {
  pompon: [
    { value: "size", label: "by its size" },
    { value: "mass", label: "by weight" },
  ],
  kept: [
    { value: "length", label: "by length" },
    { value: "mass", label: "by weight" },
  ],
} as const;
const FULL = FULLNESSES.map((value) => ({ value, label: value }));

/** Labels of what is typed of extras; an example where nothing stands. */
const FIELDS: { readonly [Id in FigureId]?: readonly [label: string, example: Says] } = {
  extraDiameter: ["Across", say("exampleSize", { mm: 80 })],
  extraMass: ["Weight", say("exampleMass", { g: 15 })],
  extraKnots: ["Knots along the edge", "e.g. 40"],
  extraStrands: ["Strands in each", "e.g. 4"],
  extraWinds: ["Winds round the card", "e.g. 30"],
  extraHang: ["Hangs down", say("exampleSize", { mm: 100 })],
  extraTie: ["Yarn for each", say("exampleSize", { mm: 400 })],
  extraCord: ["Length of the cord", say("exampleSize", { mm: 600 })],
  extraCut: ["Strands cut longer by", "e.g. 3"],
  extraStitches: ["Stitches", "e.g. 4"],
  extraRows: ["Rows", "e.g. 120"],
  extraYarn: ["Yarn kept", say("exampleYarn", { m: 5 })],
};

interface ExtraFieldsProps {
  readonly extra: Extra;
  /** How one of it is calculated. */
  readonly says: ReactNode;
  readonly finding: Says | undefined;
}

function ExtraFields({ extra, says, finding }: ExtraFieldsProps) {
  const { id } = extra;
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-1">
      <WordsField
        label="Called"
        value={extra.name}
        example={extraName({ ...extra, name: "" })}
        onText={(name) => editExtra(id, { name })}
      />
      <MeasureField field="extraTimes" label="How many" example="e.g. 1" />
      {extra.kind === "pompon" && (
        <div className="col-span-2 flex flex-wrap gap-2">
          <Choice
            label="Given by"
            options={WAYS.pompon}
            value={extra.by}
            onChange={(by) => editExtra(id, { by })}
          />
          {extra.by === "size" && (
            <Choice
              label="How full"
              options={FULL}
              value={extra.fullness}
              onChange={(fullness) => editExtra(id, { fullness })}
            />
          )}
        </div>
      )}
      {extra.kind === "kept" && (
        <div className="col-span-2">
          <Choice
            label="Given by"
            options={WAYS.kept}
            value={extra.by}
            onChange={(by) => editExtra(id, { by })}
          />
        </div>
      )}
      {extraAsks(extra).map((field) => {
        const [label, example] = FIELDS[field] ?? ["", ""];
        return <MeasureField key={field} field={field} label={label} example={example} />;
      })}
      <ItemYarn yarnId={extra.yarnId} onYarn={(yarnId) => editExtra(id, { yarnId })} />
      {finding ? (
        <p className="col-span-2 text-sm text-madder">
          <Said>{finding}</Said>
        </p>
      ) : (
        <p className="col-span-2 text-sm text-faint">{says}</p>
      )}
      <span className="col-span-2 justify-self-end">
        <IconButton
          label={`Delete ${extraName(extra)}`}
          icon={Trash2}
          onClick={() => {
            removeItem("extras", id);
            toast.success(`${extraName(extra)} is deleted.`, undoable);
          }}
        />
      </span>
    </div>
  );
}

/** Which kind is added. */
const AddExtra = () => (
  <Menu
    trigger={
      <Button size="small" className="mt-1">
        <Plus size={15} aria-hidden /> An extra
      </Button>
    }
    acts={EXTRA_NAMES.map(({ kind, name }) => ({ name, act: () => addExtra(kind) }))}
  />
);
