/** One thread of the pool. */
export { workedHere as default } from "./heavy";
