import type { ReactNode } from "react";

interface CardProps {
  readonly title: string;
  readonly aside?: ReactNode;
  readonly children: ReactNode;
  readonly className?: string;
}

/** A sheet of paper on the table: one subject, its title, and what there is to say of it. */
export function Card({ title, aside, children, className = "" }: CardProps) {
  return (
    <section aria-label={title} className={`rounded-xl border border-line bg-card p-4 ${className}`}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="min-w-0 text-xl wrap-anywhere">{title}</h2>
        {aside && <div className="text-sm text-faint">{aside}</div>}
      </div>
      {children}
    </section>
  );
}
