/** Hands something to the browser as a file to keep. */
export function download(name: string, content: Blob) {
  const address = URL.createObjectURL(content);
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
