import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/fraunces/opsz.css";
import "./globals.css";
import type { Metadata, Viewport } from "next";
import type { ReactNode } from "react";
import { Frame } from "@/ui/frame/Frame";
import { themeScript } from "@/ui/frame/themeScript";

export const metadata: Metadata = {
  title: { default: "Brenok: how many balls of yarn", template: "%s · Brenok" },
  description: "How many balls of yarn a cabled piece needs, how sure that is, and why.",
};

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

export default function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <script dangerouslySetInnerHTML={{ __html: themeScript }} />
      </head>
      <body>
        <Frame>{children}</Frame>
      </body>
    </html>
  );
}
