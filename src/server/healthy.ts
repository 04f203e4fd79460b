/** Ends with 0 where the server beside it answers, with 1 where it does not: what a container's health check runs. */
const port = process.env.PORT ?? "3000";

const healthy = await fetch(`http://127.0.0.1:${port}/api/health`, {
  signal: AbortSignal.timeout(1500),
}).then(
  ({ ok }) => ok,
  () => false,
);
process.exit(healthy ? 0 : 1);

export {};
