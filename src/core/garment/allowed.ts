/** Counts that a ground can be worked over. */
import { groundPanel } from "../panels/groundPanel";
import { groundBalance, type GroundId } from "../panels/grounds";
import { panelStitches } from "../panels/across";
import { COUNTS } from "../project/bounds";
import { nearestCount } from "../typed/count";

/** Stitches nearest to a count that a ground allows: whole repeats, and both edges alike where it is flat. */
export function allowedBy(ground: GroundId, stitches: number, round: boolean): number {
  const multiple = panelStitches(groundPanel(ground));
  const balance = round ? 0 : groundBalance(ground);
  const most = Math.floor((COUNTS.stitches.most - balance) / multiple);
  return nearestCount(Math.round((stitches - balance) / multiple), { least: 1, most }) * multiple + balance;
}
