"use client";
import { ENTERED } from "@/core/project/enteredFigures";
import { Said } from "@/ui/parts/Said";
import { Toolbar } from "@/ui/parts/Toolbar";
import { Plus, Trash2 } from "lucide-react";
import type { Kit } from "@/core/project/orders";
import type { GroupBalls } from "@/core/order/group";
import { CERTAINTIES } from "@/core/forecast/forecast";
import { millimetres } from "@/core/units/brands";
import { formatChance, formatSize } from "@/core/units/format";
import { addKit, editKit, removeKit, useGroup } from "@/state/buying/order";
import { useProjectPart } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { useRefusedFields } from "@/state/fields/typedTexts";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";
import { IconButton } from "@/ui/parts/IconButton";
import { ValueField } from "@/ui/parts/ValueField";
import { MeasuredAt } from "@/ui/pieces/MeasuredAt";
import { WordsField } from "@/ui/parts/WordsField";

/** One yarn for many knitters: balls in each kit, and for all of them. */
export function GroupCard({ yarnId }: { readonly yarnId: string }) {
  const kits = useProjectPart(({ order }) => order.kits);
  const certainty = useProjectPart((project) => project.certainty);
  const { told: calculated, progress, stop } = useGroup(yarnId);
  const refused = useRefusedFields(kits.map(({ id }) => id));
  const group = calculated?.ok && refused.length === 0 ? calculated.group : null;
  return (
    <Card title="For a group" aside="kits of one yarn for many knitters">
      {kits.length > 0 && <MeasuredAt />}
      <ul className="mt-2 grid gap-2">
        {kits.map((kit) => (
          <KitFields key={kit.id} kit={kit} group={group} />
        ))}
      </ul>
      <Toolbar className="mt-2">
        <Button onClick={addKit}>
          <Plus size={16} aria-hidden /> Add kits of another size
        </Button>
        {progress !== null && (
          <span className="flex items-center gap-2 text-sm">
            <progress aria-label="Group calculated" value={progress} max={1} className="w-28" />
            <Button onClick={stop} look="link">
              Stop
            </Button>
          </span>
        )}
      </Toolbar>
      {kits.length === 0 && (
        <p className="mt-2 text-sm">
          Add kits to see how many balls each needs, and how many the group needs together.
        </p>
      )}
      {refused.length > 0 && (
        <p role="status" className="mt-2 border-l-4 border-madder pl-2 text-sm">
          What was typed for a kit cannot be read ({refused.join(", ")}): fix it first.
        </p>
      )}
      {kits.length > 0 && calculated && !calculated.ok && (
        <p role="status" className="mt-2 border-l-4 border-madder pl-2 text-sm">
          <Said>{calculated.message}</Said>
        </p>
      )}
      {kits.length > 0 && group && <GroupWords group={group} chance={CERTAINTIES[certainty]} />}
    </Card>
  );
}

function GroupWords({ group, chance }: { readonly group: GroupBalls; readonly chance: number }) {
  const { together, apart, allEnough, apartForAll } = group;
  const all = group.kits.reduce((sum, { count }) => sum + count, 0);
  const saved = apartForAll - together;
  return (
    <div role="status" className="mt-2 leading-snug">
      <p className="font-display text-2xl font-semibold">
        {together} balls <span className="font-text text-base font-normal">for all {all} together</span>
      </p>
      <p className="text-sm">
        {formatChance(chance, false)} that nobody runs short, if leftovers are shared.
        {saved > 0 && ` Without sharing it would take ${apartForAll} to be as sure: ${saved} more.`}
      </p>
      <p className="mt-1 text-sm text-faint">
        Kits packed at {formatChance(chance, false)} each are {apart} balls; that all of them are enough is
        then {formatChance(allEnough, false)}. Assumes each knitter’s gauge varies by about 5 %.
      </p>
    </div>
  );
}

function KitFields({ kit, group }: { readonly kit: Kit; readonly group: GroupBalls | null }) {
  const units = useUnits();
  const { id, name, count, acrossMm, alongMm } = kit;
  const told = group?.kits.find((one) => one.id === id);
  const size = (mm: number | null | undefined) =>
    typeof mm !== "number" ? "" : formatSize(millimetres(mm), units);
  return (
    <li className="grid grid-cols-2 gap-x-3 rounded-lg border border-line p-2 sm:grid-cols-[1.2fr_0.8fr_1fr_1fr_auto]">
      <WordsField label="Size" value={name} onText={(text) => editKit(id, { name: text })} />
      <ValueField
        of={id}
        label="Kits"
        value={count}
        figure={ENTERED.kits}
        onValue={(value) => value !== null && editKit(id, { count: value })}
      />
      <ValueField
        of={id}
        label="Across"
        value={acrossMm}
        figure={ENTERED.across}
        optional
        example={size(told?.acrossMm) || "as it is"}
        onValue={(mm) => editKit(id, { acrossMm: mm })}
      />
      <ValueField
        of={id}
        label="Along"
        value={alongMm}
        figure={ENTERED.along}
        optional
        example={size(told?.alongMm) || "as it is"}
        onValue={(mm) => editKit(id, { alongMm: mm })}
      />
      <div className="self-center">
        <IconButton label={`Delete ${name || "these kits"}`} icon={Trash2} onClick={() => removeKit(id)} />
      </div>
      <p className="col-span-full text-sm">
        {told ? (
          <>
            <strong>{told.balls} balls in each</strong>, {formatChance(told.chance, false)}
            {told.acrossMm !== null && `; ${size(told.acrossMm)} × ${size(told.alongMm)}`}
          </>
        ) : (
          <span className="text-faint">calculating …</span>
        )}
      </p>
    </li>
  );
}
