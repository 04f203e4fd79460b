import type { ReactNode } from "react";

interface ToolbarProps {
  /** Named where it is a group of its own. */
  readonly label?: string;
  readonly children: ReactNode;
  readonly className?: string;
}

/** Controls in a row, which breaks where there is no room. */
export const Toolbar = ({ label, children, className = "" }: ToolbarProps) => (
  <div
    {...(label !== undefined && { role: "group", "aria-label": label })}
    className={`flex flex-wrap items-center gap-x-2 gap-y-1.5 ${className}`}
  >
    {children}
  </div>
);
