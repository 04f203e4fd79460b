/** Putting a demo in place of what is open; undo brings that back. */
import { demoCap } from "@/demo/cap";
import { demoProject } from "@/demo/slipover";
import { replace } from "./projectStore";

export const openDemo = () => replace("demo", demoProject());

/** The small one, worked in the round. */
export const openSmallDemo = () => replace("small demo", demoCap());
