/** Goes to what has a name of its own on the page, and opens whatever it lies in. Says whether it is there. */
export function reveal(id: string): boolean {
  const found = document.getElementById(id);
  for (let around = found?.closest("details"); around; around = around.parentElement?.closest("details"))
    around.open = true;
  found?.focus();
  return found !== null;
}
