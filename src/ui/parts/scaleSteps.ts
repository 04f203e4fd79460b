/** Steps that kitchen scales go in, in g, to be chosen from. */
export const SCALE_STEPS = [
  { value: "0.1", label: "0.1 g" },
  { value: "1", label: "1 g" },
  { value: "5", label: "5 g" },
] as const;
