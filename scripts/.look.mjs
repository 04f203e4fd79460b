import { openBrowser } from "/work/main/scripts/browser.mjs";
import { startServer } from "/work/main/scripts/server.mjs";
const server = await startServer(4182);
const browser = await openBrowser();
const [, , what] = process.argv;
const shots = {
  fabric: async (p) => {
    await p.goto(server.address + "/panels");
    await p.getByRole("region", { name: "Chart of Honeycomb" }).waitFor();
    await p.getByRole("radio", { name: "Fabric" }).click();
    await p.getByRole("region", { name: "Fabric of Honeycomb" }).waitFor();
  },
  rope: async (p) => {
    await shots.fabric(p);
    await p.getByText(/^Ropes/).click();
    await p.getByRole("button", { name: /Rope of 6, leaning left, every 6/ }).click();
    await p.getByRole("region", { name: /Fabric of Rope/ }).waitFor();
  },
  yarn: async (p) => {
    await shots.fabric(p);
    await p.getByRole("radio", { name: /Coloured by/ }).click();
  },
  pieces: async (p) => {
    await p.goto(server.address + "/");
  },
};
try {
  for (const w of what.split(",")) {
    const [name, size, dark] = w.split(":");
    const [width, height] = (size || "1280x800").split("x").map(Number);
    const page = await browser.newPage({ viewport: { width, height }, colorScheme: dark ? "dark" : "light" });
    page.on("console", (m) => {
      if (m.type() === "error" || m.type() === "warning") console.log(m.text());
    });
    page.on("pageerror", (e) => console.log(String(e)));
    await shots[name](page);
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(1500);
    await page.screenshot({ path: `/tmp/shot-${name}${size || ""}.png` });
    await page.close();
  }
} finally {
  await browser.close();
  server.stop();
}
