import { readFibres, tellBlend } from "@/core/yarn/fibres";
import { Caution } from "@/ui/parts/Caution";
import { WordsField } from "@/ui/parts/WordsField";

interface FibresFieldProps {
  readonly fibres: string;
  readonly onText: (fibres: string) => void;
}

/** What a yarn is spun of, and how that was understood. */
export function FibresField({ fibres, onText }: FibresFieldProps) {
  const blend = readFibres(fibres);
  return (
    <div>
      <WordsField label="Fibres" value={fibres} most={200} example="80 % wool, 20 % alpaca" onText={onText} />
      <p className="mt-0.5 text-[0.8rem] text-faint">
        {fibres !== "" && (blend ? `understood as ${tellBlend(blend)}` : "no fibre known here")}
      </p>
      {blend && <Caution of="fibres" />}
    </div>
  );
}
