import type { NextConfig } from "next";

/** The page talks to the host that it came from and to nobody else, and nobody else shows it in a frame of theirs. */
const CONTENT = [
  "default-src 'self'",
  // The frame of each page holds scripts of its own.
  "script-src 'self' 'unsafe-inline'",
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data: blob:",
  "font-src 'self' data:",
  "connect-src 'self' blob: data:",
  "worker-src 'self' blob:",
  "object-src 'none'",
  "base-uri 'none'",
  "form-action 'self'",
  "frame-ancestors 'none'",
].join("; ");

const HEADERS = [
  { key: "Content-Security-Policy", value: CONTENT },
  { key: "X-Content-Type-Options", value: "nosniff" },
  { key: "X-Frame-Options", value: "DENY" },
  { key: "Referrer-Policy", value: "no-referrer" },
  { key: "Permissions-Policy", value: "geolocation=(), microphone=(), payment=(), usb=()" },
];

const config: NextConfig = {
  headers: () => Promise.resolve([{ source: "/:path*", headers: HEADERS }]),
  reactStrictMode: true,
  poweredByHeader: false,
  // Components are drawn anew only where what they are made of has changed.
  reactCompiler: true,
  turbopack: { root: import.meta.dirname },
};

export default config;
