import { readFileSync } from "node:fs";
import { openBrowser } from "./browser.mjs";
import { startServer } from "./server.mjs";
const server = await startServer(4188);
const browser = await openBrowser();
try {
  for (const [name, size] of [["wide", { width: 1280, height: 800 }], ["phone", { width: 390, height: 844 }]]) {
    const page = await browser.newPage({ viewport: size });
    page.on("pageerror", (e) => console.log("ERR", e.message));
    await page.goto(server.address + "/");
    await page.getByRole("region", { name: "Answer" }).waitFor();
    await page.waitForTimeout(1500);
    await page.keyboard.press("n");
    await page.getByRole("radio", { name: "From a pattern" }).click();
    await page.getByRole("textbox").waitFor();
    await page.screenshot({ path: `/tmp/w/p-${name}-0.png` });
    const text = readFileSync("testing/patterns/whole/jumper.txt", "utf8").replace("Work straight until armholes", "Do the moss thing for a bit\nWork straight until armholes");
    await page.getByRole("textbox").fill(text);
    const t = Date.now();
    await page.getByText(/^; the pattern asks for/).waitFor();
    console.log(name, "ms to answer", Date.now() - t);
    await page.waitForTimeout(500);
    await page.screenshot({ path: `/tmp/w/p-${name}-1.png` });
    await page.getByRole("button", { name: "Go to the first" }).click();
    await page.waitForTimeout(500);
    await page.screenshot({ path: `/tmp/w/p-${name}-2.png` });
    if (process.argv[2]) { await page.getByRole("button", { name: "Nothing is worked by it" }).first().click(); await page.waitForTimeout(1500);
    await page.getByRole("button", { name: "Start with this" }).click(); await page.waitForTimeout(5000);
    await page.screenshot({ path: `/tmp/w/p-${name}-3.png` }); }
    await page.close();
  }
} catch (e) { console.log(String(e).slice(0, 400)); }
await browser.close(); server.stop();
