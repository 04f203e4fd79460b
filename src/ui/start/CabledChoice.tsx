import { CABLED, CABLED_IDS, type Cabled } from "@/core/garment/fit";
import { Choice } from "@/ui/parts/Choice";

const OPTIONS = CABLED_IDS.map((id) => ({ value: id, label: CABLED[id].name }));

interface CabledChoiceProps {
  readonly value: Cabled;
  readonly onChange: (cabled: Cabled) => void;
}

/** How much of a thing is cabled. */
export const CabledChoice = ({ value, onChange }: CabledChoiceProps) => (
  <div className="text-sm">
    <p aria-hidden>Cabled</p>
    <Choice label="How much is cabled" options={OPTIONS} value={value} onChange={onChange} />
  </div>
);
