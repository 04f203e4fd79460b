import type { NextConfig } from "next";

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Components are drawn anew only where what they are made of has changed.
  reactCompiler: true,
  turbopack: { root: import.meta.dirname },
};

export default config;
