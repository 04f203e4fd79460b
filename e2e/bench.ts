/** The application as a test meets it: demo open, and every request to another host a failure. */
import { test as base, expect, type Page } from "@playwright/test";

export const test = base.extend<{ strangers: string[] }>({
  strangers: [
    async ({ page, baseURL }, use) => {
      const strangers: string[] = [];
      const home = new URL(baseURL ?? "").host;
      page.on("request", (request) => {
        const { host, protocol } = new URL(request.url());
        if (/^(https?|wss?):$/.test(protocol) && host !== home) strangers.push(request.url());
      });
      await use(strangers);
      expect(strangers, "requests that left the machine").toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

export const answerOf = (page: Page) => page.getByRole("region", { name: "Answer" });
export const ballsOf = (page: Page) => answerOf(page).getByRole("status");
export const ledgerOf = (page: Page) => page.getByRole("region", { name: /^Where .* go$/ });

/** Opens a page of the application and waits until the project is there. */
export async function openAt(page: Page, path = "/") {
  await page.goto(path);
  await expect(answerOf(page)).toBeVisible();
}

/** Opens a file through the page's file input, which is what the shortcut and the menu click. */
export async function openFile(page: Page, file: string | { name: string; content: string }) {
  const input = page.locator("input[type=file]");
  await input.evaluate((element) => {
    delete element.dataset.asked;
    element.addEventListener("click", (event) => {
      event.preventDefault();
      element.dataset.asked = "yes";
    });
  });
  await page.keyboard.press("Control+o");
  await expect(input).toHaveAttribute("data-asked", "yes");
  await input.setInputFiles(
    typeof file === "string"
      ? file
      : { name: file.name, mimeType: "application/json", buffer: Buffer.from(file.content) },
  );
}
