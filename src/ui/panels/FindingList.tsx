import { Said } from "@/ui/parts/Said";
import { Button } from "@/ui/parts/Button";
import { CircleHelp, Info, TriangleAlert } from "lucide-react";
import type { Finding, Mend } from "@/core/instructions/findings";

interface FindingListProps {
  readonly findings: readonly Finding[];
  /** Null where the text cannot be changed. */
  readonly onMend: ((mend: Mend) => void) | null;
}

const LOOKS = {
  error: { icon: TriangleAlert, look: "text-madder" },
  question: { icon: CircleHelp, look: "text-weld" },
  warning: { icon: TriangleAlert, look: "text-weld" },
  remark: { icon: Info, look: "text-faint" },
} as const;

/** More than these at once help nobody. */
const MOST_SHOWN = 12;

/** What is wrong, where, and how it can be mended with one click. */
export function FindingList({ findings, onMend }: FindingListProps) {
  if (findings.length === 0)
    return (
      <p role="status" className="text-sm text-moss">
        Every row adds up.
      </p>
    );
  return (
    <div role="status">
      <ul className="grid gap-1.5 text-sm">
        {findings.slice(0, MOST_SHOWN).map((finding) => {
          const { icon: Icon, look } = LOOKS[finding.severity];
          return (
            <li
              key={`${finding.from} ${finding.message.code}`}
              className="grid grid-cols-[auto_auto_1fr] gap-x-2"
            >
              <Icon size={14} aria-label={finding.severity} className={`${look} translate-y-1`} />
              <span className="text-faint">line {finding.line}</span>
              <span>
                <Said>{finding.message}</Said>
              </span>
              {onMend && finding.mends.length > 0 && (
                <span className="col-start-3 mt-1 flex flex-wrap gap-1.5">
                  {finding.mends.map((mend) => (
                    <Button key={JSON.stringify(mend.edit)} onClick={() => onMend(mend)} size="small">
                      <Said>{mend.label}</Said>
                    </Button>
                  ))}
                </span>
              )}
            </li>
          );
        })}
        {findings.length > MOST_SHOWN && (
          <li className="text-faint">and {findings.length - MOST_SHOWN} more</li>
        )}
      </ul>
    </div>
  );
}
