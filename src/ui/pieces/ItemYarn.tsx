"use client";
import { useProjectPart } from "@/state/project/projectStore";
import { Select } from "@/ui/parts/Select";

const OWN = "";

interface ItemYarnProps {
  readonly yarnId: string | null;
  readonly onYarn: (yarnId: string | null) => void;
}

/** Which yarn a seam or an extra is of; offered where the project has more than one. */
export function ItemYarn({ yarnId, onYarn }: ItemYarnProps) {
  const yarns = useProjectPart((project) => project.yarns);
  if (yarns.length < 2) return <span />;
  return (
    <Select
      label="Its yarn"
      value={yarnId ?? OWN}
      options={[
        { value: OWN, label: "the usual one" },
        ...yarns.map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onChange={(id) => onYarn(id === OWN ? null : id)}
    />
  );
}
