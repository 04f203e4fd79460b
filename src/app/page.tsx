"use client";
import dynamic from "next/dynamic";

/** It is loaded beside the frame, while the engine calculates the first answer. */
const bench = import("@/ui/pieces/PiecesBench");

export default dynamic(() => bench.then(({ PiecesBench }) => PiecesBench), { ssr: false });
