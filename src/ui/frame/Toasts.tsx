"use client";
import { useEffect } from "react";
import { Toaster } from "sonner";
import { toasterIsThere } from "@/ui/parts/toast";
import { useTheme } from "./useTheme";

/** Where words about something done appear. */
export function Toasts() {
  const theme = useTheme();
  useEffect(toasterIsThere, []);
  return <Toaster theme={theme} position="bottom-center" richColors={false} closeButton />;
}
