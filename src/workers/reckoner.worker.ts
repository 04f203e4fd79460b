/** The core behind a worker's door: long work leaves the page free. */
import { expose } from "comlink";
import { sweepGauge } from "../core/forecast/gaugeSweep";
import { changedRows } from "../core/instructions/changedRows";
import { copyFromChart, editChart } from "../core/instructions/editChart";
import { endTextWithRow, joinTexts, transformText } from "../core/instructions/transformText";
import { studyText, writeOut } from "../core/instructions/study";
import { LIBRARY } from "../core/panels/library";

/** The library with the chart of each panel. */
const studyLibrary = () =>
  LIBRARY.map((panel) => ({ ...panel, study: studyText(panel.text, { naming: "halves", words: "US" }) }));

const reckoner = {
  sweepGauge,
  studyText,
  changedRows,
  writeOut,
  studyLibrary,
  copyFromChart,
  editChart,
  transformText,
  joinTexts,
  endTextWithRow,
};

export type Reckoner = typeof reckoner;
export type StudiedPanel = ReturnType<typeof studyLibrary>[number];

expose(reckoner);
