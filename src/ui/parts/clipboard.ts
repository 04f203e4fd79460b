/**
 * Copies a text; false where the browser does not let it. On a page over plain http, as in a home network, there is no
 * clipboard to write to: there the text is handed to the browser's own copying.
 */
export async function toClipboard(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return handedOver(text);
  }
}

function handedOver(text: string): boolean {
  let copied = false;
  const hand = (event: ClipboardEvent) => {
    event.clipboardData?.setData("text/plain", text);
    event.preventDefault();
    copied = event.clipboardData !== null;
  };
  document.addEventListener("copy", hand, { capture: true, once: true });
  // Out of date, and the only way on a page that is not secure.
  document.execCommand("copy");
  document.removeEventListener("copy", hand, { capture: true });
  return copied;
}
