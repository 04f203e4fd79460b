/** Putting the demo in place of what is open; undo brings that back. */
import { demoProject } from "@/demo/slipover";
import { replace } from "./projectStore";

export const openDemo = () => replace("demo", demoProject());
