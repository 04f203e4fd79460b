"use client";
import { sizedBy } from "@/core/estimate/finished";
import { formatSize } from "@/core/units/format";
import { useAnswer } from "@/state/engine/answer";
import { change, useProject } from "@/state/project/projectStore";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { Select } from "@/ui/parts/Select";
import { sectionName } from "./sectionWords";

const MOST = "";
const keyOf = (pieceId: string, sectionId: string) => `${pieceId} ${sectionId}`;

/** Which section the measure is for: a piece is as wide as each of its fabrics lies. */
export function MeasuredAt() {
  const answer = useAnswer();
  const { pieces, size } = useProject();
  const units = useUnits();
  const words = useSettings((settings) => settings.words);
  if (!answer.known) return null;
  const found = sizedBy({ size }, answer);
  const all = answer.estimate.pieces.flatMap(({ id, estimate }) => {
    const piece = pieces.find((one) => one.id === id);
    return estimate.widths.sections.flatMap(({ sectionId, widthMm }) => {
      const section = piece?.sections.find((one) => one.id === sectionId);
      if (!section) return [];
      const name = `${piece?.name ?? ""}: ${sectionName(section, words)}, ${formatSize(widthMm, units)}`;
      return [{ key: keyOf(id, sectionId), of: { pieceId: id, sectionId }, name }];
    });
  });
  if (all.length < 2) return null;
  const usual = all.find(({ key }) => found && key === keyOf(found.piece.id, found.width.sectionId));
  return (
    <div className="mb-1">
      <Select
        label="Whose width"
        value={size.of && found ? keyOf(size.of.pieceId, size.of.sectionId) : MOST}
        options={[
          {
            value: MOST,
            label: size.of ? "what makes up most of the first piece" : `${usual?.name ?? ""} (most of it)`,
          },
          ...all.map(({ key, name }) => ({ value: key, label: name })),
        ]}
        onChange={(key) =>
          change("size of", (draft) => {
            draft.size.of = all.find((one) => one.key === key)?.of ?? null;
          })
        }
      />
    </div>
  );
}
