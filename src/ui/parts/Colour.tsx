/** A colour as a dot of yarn, beside a name. */
export function ColourDot({ colour }: { readonly colour: string }) {
  return (
    <span
      aria-hidden
      className="inline-block size-3.5 shrink-0 rounded-full border border-edge align-[-2px]"
      style={{ backgroundColor: colour }}
    />
  );
}
