/** The demo, loaded when it is wanted; put in place of what is open, undo brings that back. */
import { demoCap } from "@/demo/cap";
import { demoProject } from "@/demo/slipover";
import { replace } from "./projectStore";

export { demoProject };
export { demoShelf } from "@/demo/shelf";

export const openDemo = () => replace("demo", demoProject());

/** The small one, worked in the round. */
export const openSmallDemo = () => replace("small demo", demoCap());
