import type { Doubt, DoubtId } from "@/core/forecast/doubt";
import type { KnownForecast } from "@/core/forecast/projectForecast";
import { useProjectPart } from "@/state/projectStore";
import { FieldLink } from "@/ui/parts/FieldLink";

/** What each unknown is called, in a sentence "… holds most of the doubt". */
const NAMES: { readonly [Id in DoubtId]: string } = {
  width: "your stitch gauge",
  height: "your row gauge",
  loop: "the yarn in one loop",
  draw: "how far your cables pull in",
  give: "how much yarn a crossing takes",
  tail: "the cast-on tail",
  castOff: "the cast-off",
  putUp: "the length in your lot’s balls",
};

interface SharpenProps {
  readonly answer: KnownForecast;
  readonly doubts: readonly Doubt[];
}

/** The one thing that would sharpen the answer most, of what can be done now; then what holds the doubt. */
export function Sharpen({ answer, doubts }: SharpenProps) {
  const { width, height } = answer.sources;
  const usual = useProjectPart(({ yarns }) => yarns[0]?.putUpFrom === "usual");
  const gaugeShare = doubts
    .filter(
      ({ id }) => (id === "width" && width !== "measured") || (id === "height" && height !== "measured"),
    )
    .reduce((sum, { share }) => sum + share, 0);
  const [largest] = doubts;
  if (usual && largest?.id === "putUp")
    return (
      <p className="mt-1 leading-snug">
        {percent(largest.share)} of the doubt is what your ball holds:{" "}
        <FieldLink field="putUp">read it off the band</FieldLink>.
      </p>
    );
  if (gaugeShare > 0)
    return (
      <p className="mt-1 leading-snug">
        {percent(gaugeShare)} of the doubt is your gauge:{" "}
        <FieldLink field={width === "measured" ? "rowGauge" : "stitchGauge"}>swatch and type it</FieldLink>.
      </p>
    );
  if (!largest) return null;
  return (
    <p className="mt-1 leading-snug">
      {percent(largest.share)} of the doubt is {NAMES[largest.id]}.{" "}
      <span className="text-faint">A weighed swatch would settle it.</span>
    </p>
  );
}

const percent = (share: number) => `${Math.round(share * 100)} %`;
