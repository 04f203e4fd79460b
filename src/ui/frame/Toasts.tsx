"use client";
import { useEffect } from "react";
import { Toaster } from "sonner";
import { toasterIsThere } from "@/ui/parts/toast";

/** Where words about something done appear. */
export function Toasts({ theme }: { readonly theme: "light" | "dark" }) {
  useEffect(toasterIsThere, []);
  return (
    <Toaster
      theme={theme}
      position="bottom-center"
      richColors={false}
      closeButton
      style={{ pointerEvents: "auto" }}
    />
  );
}
