import { entrySchema } from "@/core/project/shelf";

/** A shelf of so many yarns of all thicknesses, each eighth a lace. Only tests and benches use it. */
export const largeShelf = (count: number) =>
  Array.from({ length: count }, (_, index) =>
    entrySchema.parse({
      id: `entry-${index}`,
      label: {
        name: `Yarn ${index}`,
        colour: "#7a8b6f",
        fibres: "80 % wool, 20 % silk",
        putUp: { massG: 50, lengthM: index % 8 === 0 ? 380 + (index % 97) : 50 + ((index * 37) % 260) },
      },
      balls: 3,
    }),
  );
