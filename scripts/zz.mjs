import { openBrowser } from "./browser.mjs";
import { startServer } from "./server.mjs";
const server = await startServer(4233);
const browser = await openBrowser();
try {
  const ctx = await browser.newContext({ viewport: { width: 1280, height: 800 }, newcomer: true });
  const page = await ctx.newPage();
  page.on("pageerror", (e) => console.log("ERR", e.message));
  await page.goto(server.address + "/");
  await page.getByRole("button", { name: /A yarn to replace/ }).waitFor();
  await page.screenshot({ path: `/tmp/w/e0.png` });
  await page.getByRole("button", { name: /A yarn to replace/ }).click();
  await page.getByLabel("Balls", { exact: true }).fill("9");
  await page.getByLabel("A ball holds").fill("50 g = 82 m");
  await page.getByLabel("Its stitch gauge").fill("18");
  await page.getByLabel("Its row gauge").fill("25");
  await page.getByLabel("A ball of yours holds").fill("100 g = 400 m");
  await page.getByRole("list", { name: "Yarns side by side" }).waitFor();
  await page.getByRole("button", { name: "Go on with these" }).click();
  await page.getByRole("region", { name: "Answer" }).waitFor();
  await page.waitForTimeout(4000);
  await page.screenshot({ path: `/tmp/w/e1.png` });
  await page.keyboard.press("3");
  await page.waitForTimeout(5000);
  await page.screenshot({ path: `/tmp/w/e2.png` });
  await page.keyboard.press("5");
  await page.waitForTimeout(2500);
  await page.screenshot({ path: `/tmp/w/e3.png` });
  await ctx.close();
  const c2 = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const p = await c2.newPage();
  await p.goto(server.address + "/");
  await p.getByRole("region", { name: "Answer" }).waitFor();
  await p.waitForTimeout(3000);
  await p.getByRole("button", { name: /^Project:/ }).click();
  await p.getByRole("menuitem", { name: /Use up yarn/ }).click();
  await p.waitForTimeout(4000);
  await p.screenshot({ path: `/tmp/w/e4.png` });
  await p.keyboard.press("Escape");
  await p.getByRole("region", { name: "Size", exact: true }).locator("summary").first().click();
  await p.getByRole("button", { name: /Several sizes/ }).click();
  await p
    .getByRole("textbox", { name: /One size a line/ })
    .fill("S; 92 cm; 56 cm\nM; 100 cm; 58 cm\nL; 108 cm; 60 cm");
  await p.waitForTimeout(15000);
  await p.screenshot({ path: `/tmp/w/e5.png` });
  await c2.close();
} catch (e) {
  console.log(e);
} finally {
  await browser.close();
  server.stop();
}
