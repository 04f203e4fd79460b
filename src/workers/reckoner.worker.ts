/** The core behind a worker's door: long work leaves the page free. */
import { expose } from "comlink";
import { sweepGauge } from "../core/forecast/gaugeSweep";

const reckoner = { sweepGauge };

export type Reckoner = typeof reckoner;

expose(reckoner);
