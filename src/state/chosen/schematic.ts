/** What the schematic shows: the piece in hand, or the garment as it is worn. It stays so from piece to piece. */
import { create } from "zustand";

export type SchematicOf = "piece" | "worn";

export const useSchematic = create<{ readonly of: SchematicOf }>()(() => ({ of: "piece" }));

export const showSchematic = (of: SchematicOf) => useSchematic.setState({ of });
