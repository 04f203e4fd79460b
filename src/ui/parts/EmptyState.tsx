import type { ReactNode } from "react";

interface EmptyStateProps {
  readonly children: ReactNode;
  /** What can be done about it. */
  readonly acts?: ReactNode;
}

/** What stands where there is nothing yet: why, and what to do about it. */
export const EmptyState = ({ children, acts }: EmptyStateProps) => (
  <div className="mt-3 max-w-prose">
    <p>{children}</p>
    {acts && <div className="mt-3 flex flex-wrap gap-2">{acts}</div>}
  </div>
);
