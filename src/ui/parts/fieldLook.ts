/** How everything looks that is typed into. */
export const FIELD_LOOK =
  "block w-full rounded-lg border border-edge bg-paper px-2.5 py-1.5 text-base placeholder:text-faint placeholder:italic aria-invalid:border-2 aria-invalid:border-madder";
