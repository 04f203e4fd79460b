import { GROUND_IDS, type GroundId } from "@/core/panels/grounds";
import { useSettings } from "@/state/keeping/settings";
import { Select } from "@/ui/parts/Select";
import { groundName } from "./sectionWords";

interface GroundSelectProps {
  readonly value: GroundId;
  readonly onChange: (ground: GroundId) => void;
  readonly label?: string;
}

/** A ground by its name, in the words that the knitter chose. */
export function GroundSelect({ value, onChange, label = "Stitch" }: GroundSelectProps) {
  const words = useSettings((settings) => settings.words);
  return (
    <Select
      label={label}
      options={GROUND_IDS.map((id) => ({ value: id, label: groundName(id, words) }))}
      value={value}
      onChange={onChange}
    />
  );
}
