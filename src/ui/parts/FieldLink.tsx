"use client";
import { useRouter } from "next/navigation";
import type { ReactNode } from "react";
import type { FieldId } from "@/state/fields/fields";
import { reveal } from "./reveal";

interface FieldLinkProps {
  readonly field: FieldId;
  readonly children: ReactNode;
}

/** Goes to a field and puts the cursor into it. */
export function FieldLink({ field, children }: FieldLinkProps) {
  const router = useRouter();
  const go = () => {
    if (!reveal(field)) router.push(`/#${field}`);
  };
  return (
    <button type="button" onClick={go} className="text-woad underline">
      {children}
    </button>
  );
}
