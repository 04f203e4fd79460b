/** Debian's Chromium, kept from talking to anyone but the application; for scripts and browser tests alike. */
import { chromium } from "@playwright/test";

export const LAUNCH = {
  executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
  ],
};

export const openBrowser = () => chromium.launch(LAUNCH);
