/** A request as a client sends it. Only tests use it. */
export const posted = (address: string, body: string) =>
  new Request(address, { method: "POST", body, headers: { "content-type": "application/json" } });
