import type { NextConfig } from "next";

const config: NextConfig = {
  // Every page is the same for everybody: files, which any server can send.
  output: "export",
  reactStrictMode: true,
  images: { unoptimized: true },
  // Components are drawn anew only where what they are made of has changed.
  reactCompiler: true,
  turbopack: { root: import.meta.dirname },
};

export default config;
