/** Names for what is added. They want no secure page: a home network serves plain http. */
import { nanoid } from "nanoid";

/** Example: `freshId("piece")` is "piece-V1StGXR8". */
export const freshId = (what: string) => `${what}-${nanoid(8)}`;
