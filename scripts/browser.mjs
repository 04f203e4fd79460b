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

/** What a browser keeps once somebody was there: the demo opens, and no doors are met. */
const REMEMBERED = { name: "brenok-settings", value: JSON.stringify({ state: { met: true }, version: 0 }) };

/** The same as a state of an address that a browser begins with. */
export const beenHere = (origin) => ({
  cookies: [],
  origins: [{ origin: new URL(origin).origin, localStorage: [REMEMBERED] }],
});

/** A browser in which somebody was here before, at any address. */
export async function openBrowser() {
  const browser = await chromium.launch(LAUNCH);
  const newContext = browser.newContext.bind(browser);
  browser.newContext = async ({ newcomer = false, ...options } = {}) => {
    const context = await newContext(options);
    if (!newcomer) await context.addInitScript(remember, REMEMBERED);
    return context;
  };
  browser.newPage = async (options) => (await browser.newContext(options)).newPage();
  return browser;
}

/** Told to a page before anything of it runs; what stands there already is not written over. */
function remember({ name, value }) {
  try {
    if (localStorage.getItem(name) === null) localStorage.setItem(name, value);
  } catch {
    // A page of no address keeps nothing.
  }
}
