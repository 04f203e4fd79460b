"use client";
import { useId, useMemo } from "react";
import { FAMILIES, placeable, tellPlaceable } from "@/core/panels/placeable";
import type { ChartInSigns, SignUsed } from "@/core/signs/readSigns";
import { NO_STITCH } from "@/core/signs/signKey";
import type { Between } from "@/core/signs/signRows";
import { countOf } from "@/core/words/things";
import { useSettings } from "@/state/keeping/settings";
import { linkSign, sayBetween, useSignLinks } from "@/state/keeping/signLinks";
import { Choice } from "@/ui/parts/Choice";
import { FIELD_LOOK } from "@/ui/parts/fieldLook";
import { useSaid } from "@/ui/parts/Said";

const BETWEEN = [
  { value: "shown", label: "as the stitches show" },
  { value: "purl", label: "purl" },
] as const satisfies readonly { readonly value: Between; readonly label: string }[];

/** The signs of a chart with what each stands for; those that no key explains are linked with a stitch here. */
export function ChartSigns({ chart }: { readonly chart: ChartInSigns }) {
  const said = useSaid();
  const between = useSignLinks((known) => known.between);
  const toLink = chart.signs.filter(({ from }) => from !== "key");
  const others = chart.faults.filter(({ why }) => why.code !== "signUnknown" && why.code !== "chartBetween");
  return (
    <div className="grid gap-2 text-sm">
      {toLink.length > 0 && (
        <ul className="grid gap-1.5">
          {toLink.map((used) => (
            <SignLink key={used.sign} used={used} />
          ))}
        </ul>
      )}
      {chart.between !== null && (
        <div className="flex flex-wrap items-center gap-2">
          <span>Rows that are not drawn</span>
          <Choice
            label="Rows that are not drawn"
            options={BETWEEN}
            value={chart.between === "asked" ? between : chart.between}
            onChange={sayBetween}
          />
        </div>
      )}
      {others.map(({ why }, index) => (
        <p key={index} className="text-madder">
          {said(why)}
        </p>
      ))}
    </div>
  );
}

/** A sign, and the stitch that it is linked with. */
function SignLink({ used: { sign, times, words } }: { readonly used: SignUsed }) {
  const id = useId();
  const link = useSignLinks((known) => known.links[sign] ?? "");
  const { naming, words: school } = useSettings();
  const families = useMemo(() => {
    const all = placeable();
    return FAMILIES.map((family) => ({ family, stitches: all.filter((one) => one.family === family) }));
  }, []);
  const name = sign === "" ? "a blank cell" : sign;
  return (
    <li className="grid grid-cols-[auto_minmax(0,1fr)] items-center gap-x-2">
      <label htmlFor={id}>
        <span className="sr-only">What </span>
        <span
          className={`rounded border border-edge bg-paper px-1.5 py-0.5 text-base ${sign === "" ? "" : "font-mono"}`}
        >
          {name}
        </span>{" "}
        <span className="text-faint">{countOf(times, "time")}</span>
        <span className="sr-only"> stands for</span>
      </label>
      <select
        id={id}
        value={link}
        onChange={({ target }) => linkSign(sign, target.value === "" ? null : target.value)}
        className={`${FIELD_LOOK} ${link === "" ? "border-madder" : ""}`}
      >
        <option value="">which stitch?</option>
        <option value={NO_STITCH}>no stitch here</option>
        {families.map(({ family, stitches }) => (
          <optgroup key={family} label={family}>
            {stitches.map((one) => {
              const told = tellPlaceable(one, { naming, words: school });
              return (
                <option key={one.id} value={one.id}>
                  {told.name}, {told.words}
                </option>
              );
            })}
          </optgroup>
        ))}
      </select>
      {words !== null && (
        <span className="col-start-2 text-[0.8rem] text-faint">
          The key says: {words}. That is not understood; choose the stitch.
        </span>
      )}
    </li>
  );
}
