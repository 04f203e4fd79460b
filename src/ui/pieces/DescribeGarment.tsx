"use client";
import { openStart } from "@/state/chosen/startSheet";
import { Button } from "@/ui/parts/Button";

/** The way from what a pattern asks for to the thing itself; all that was typed stays. */
export const DescribeGarment = () => (
  <p className="mt-3 border-l-4 border-woad pl-2 text-sm">
    With its shape Brenok would count rows, crossings and seams, and be surer.{" "}
    <Button look="link" onClick={() => openStart()}>
      Describe it
    </Button>
    : yarn, gauge and swatches stay.
  </p>
);
