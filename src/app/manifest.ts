import type { MetadataRoute } from "next";

export const dynamic = "force-static";

/** What a device shows of Brenok where it is installed. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: "Brenok",
    short_name: "Brenok",
    description: "How many balls of yarn a cabled piece needs, how sure that is, and why.",
    start_url: "/",
    display: "standalone",
    background_color: "#f4eee1",
    theme_color: "#f4eee1",
    icons: [
      { src: "/icon-192.png", sizes: "192x192", type: "image/png" },
      { src: "/icon-512.png", sizes: "512x512", type: "image/png" },
      { src: "/icon-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
    ],
    shortcuts: [{ name: "The row in hand", url: "/knit" }],
  };
}
