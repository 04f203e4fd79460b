import type { ComponentProps } from "react";

const BOXED = "flex items-center gap-1.5 rounded-lg font-semibold whitespace-nowrap disabled:opacity-40";

/** How a button looks: one of several, the one thing that is mostly done here, a word in a line, or its place’s own. */
const LOOKS = {
  plain: `${BOXED} border border-edge hover:bg-line aria-pressed:bg-ink aria-pressed:text-paper`,
  main: `${BOXED} border border-transparent bg-ink text-paper`,
  add: "flex items-center gap-1 rounded-lg border border-dashed border-edge hover:bg-line disabled:opacity-40",
  link: "-my-0.5 py-0.5 text-woad underline disabled:opacity-40",
  bare: "",
} as const;

const SIZES = { small: "px-2.5 py-1 text-sm", usual: "px-3 py-1.5", large: "px-5 py-2.5" } as const;

interface ButtonProps extends ComponentProps<"button"> {
  readonly look?: keyof typeof LOOKS;
  readonly size?: keyof typeof SIZES;
  readonly submits?: boolean;
}

/** The one button. `className` is for where it stands; how it looks is its `look`. */
export function Button({ look = "plain", size = "usual", submits, className = "", ...rest }: ButtonProps) {
  const sized = look === "link" || look === "bare" ? "" : SIZES[size];
  return (
    <button
      type={submits ? "submit" : "button"}
      className={[LOOKS[look], sized, className].filter(Boolean).join(" ")}
      {...rest}
    />
  );
}
