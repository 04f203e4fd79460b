/** Random tests draw the same cases at every run, so that a failure can be looked at; FC_SEED draws others. */
import fc from "fast-check";

fc.configureGlobal({ seed: Number(process.env.FC_SEED ?? 20_611) });
