"use client";
import { useRef, type ReactNode } from "react";
import { Button } from "./Button";

interface FileButtonProps {
  readonly children: ReactNode;
  /** What the file is, for those who hear the page. */
  readonly label: string;
  /** Endings and kinds of files, as the browser wants them. */
  readonly accept: string;
  readonly onFile: (file: File) => void;
}

/** A button that asks for a file; the same one can be chosen again. */
export function FileButton({ children, label, accept, onFile }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => input.current?.click()}>{children}</Button>
      <input
        ref={input}
        type="file"
        hidden
        aria-label={label}
        accept={accept}
        onChange={({ target }) => {
          const file = target.files?.[0];
          if (file) onFile(file);
          target.value = "";
        }}
      />
    </>
  );
}
