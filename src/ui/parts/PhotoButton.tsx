import { useId, type ReactNode } from "react";

interface PhotoButtonProps {
  readonly children: ReactNode;
  readonly onPhoto: (file: File) => void;
}

/** Chooses or takes a picture. */
export function PhotoButton({ children, onPhoto }: PhotoButtonProps) {
  const id = useId();
  return (
    <label
      htmlFor={id}
      className="cursor-pointer rounded-lg border border-edge px-3 py-1.5 font-semibold hover:bg-line has-[:focus-visible]:outline-3"
    >
      {children}
      <input
        id={id}
        type="file"
        accept="image/*"
        className="sr-only"
        onChange={({ target }) => {
          const file = target.files?.[0];
          if (file) onPhoto(file);
          target.value = "";
        }}
      />
    </label>
  );
}
