/** What ten thousand rows of a shelf cost to read, and to write. */
import { newEntry } from "@/core/project/shelf";
import { guessMapping, readShelf, writeShelf } from "@/core/files/shelfCsv";
import { readTable } from "@/core/files/tableText";
import { labelSchema } from "@/core/project/label";
import { timesOf } from "./times";

const ROWS = 10_000;

const entries = Array.from({ length: ROWS }, (_, index) =>
  newEntry(String(index), {
    label: labelSchema.parse({
      name: `Yarn ${index % 400}`,
      colourName: `colour, ${index}`,
      colour: "#7a8b6f",
      fibres: "80 % wool, 20 % alpaca",
      putUp: { massG: 50, lengthM: 82 + (index % 100) },
      stitchesPer10Cm: 18,
    }),
    lot: `L${index % 37}`,
    balls: index % 12,
    partsG: [12.5, 30],
    price: 4.9,
    notes: "=not a formula",
  }),
);
const bytes = new TextEncoder().encode(writeShelf(entries));

const read = await timesOf(() => {
  const table = readTable(bytes);
  const { entries: again } = readShelf(table, guessMapping(table.head), String);
  if (again.length !== ROWS) throw new Error(`${again.length} read`);
}, 2000);
const written = await timesOf(() => writeShelf(entries), 2000);
console.log(`${ROWS} rows of a shelf read: ${read.medianMs.toFixed(0)} ms, p95 ${read.p95Ms.toFixed(0)} ms`);
console.log(`written: ${written.medianMs.toFixed(0)} ms`);
