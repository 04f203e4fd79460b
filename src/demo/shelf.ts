/** The shelf that Brenok comes with: odd balls of two lots, and yarns of other thickness. All names are invented. */
import { labelSchema, type YarnLabel } from "@/core/project/label";
import { emptyShelf, newEntry, type Shelf } from "@/core/project/shelf";

const tarnock = labelSchema.parse({
  name: "Tarnock Aran",
  colourName: "lichen",
  colour: "#7a8b6f",
  fibres: "100 % wool",
  plies: 4,
  bandClass: "aran",
  putUp: { massG: 50, lengthM: 82 },
  stitchesPer10Cm: 18,
  rowsPer10Cm: 25,
  needleMm: 5,
});

export const vessin: YarnLabel = labelSchema.parse({
  name: "Vessin Fingering",
  colourName: "plum",
  colour: "#7a4360",
  fibres: "75 % wool, 25 % nylon",
  plies: 4,
  bandClass: "fingering",
  putUp: { massG: 50, lengthM: 210 },
  stitchesPer10Cm: 28,
  rowsPer10Cm: 38,
  needleMm: 3.25,
});

const skerrel = labelSchema.parse({
  name: "Skerrel DK",
  colourName: "flax",
  colour: "#d8c79c",
  fibres: "100 % wool",
  plies: 4,
  bandClass: "DK",
  putUp: { massG: 50, lengthM: 118 },
  needleMm: 4,
});

const gossim = labelSchema.parse({
  name: "Gossim Lace",
  colourName: "chalk",
  colour: "#ece6d6",
  fibres: "70 % mohair, 30 % silk",
  plies: 1,
  bandClass: "lace",
  putUp: { massG: 25, lengthM: 210 },
});

export const demoShelf = (): Shelf => ({
  ...emptyShelf(),
  demo: true,
  entries: [
    newEntry("shelf-tarnock-417", {
      label: tarnock,
      lot: "T417",
      balls: 3,
      partsG: [31],
      price: 4.9,
      place: "oak chest",
    }),
    newEntry("shelf-tarnock-398", {
      label: tarnock,
      lot: "T398",
      balls: 2,
      price: 4.6,
      place: "oak chest",
      notes: "From before the mill changed its dyer.",
    }),
    newEntry("shelf-vessin", {
      label: vessin,
      lot: "9A",
      balls: 7,
      partsG: [22.5],
      price: 6.2,
      place: "blue basket",
    }),
    newEntry("shelf-skerrel", {
      label: skerrel,
      lot: "214",
      balls: 5,
      price: 5.1,
      place: "blue basket",
      reserved: [{ project: "Rope cap", balls: 2 }],
    }),
    newEntry("shelf-gossim", { label: gossim, balls: 1, partsG: [11], place: "drawer" }),
  ],
});
