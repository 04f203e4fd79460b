import { version } from "../../../../package.json";

export const dynamic = "force-dynamic";

/** Tells that the server answers, and which version it is. */
export const GET = () => Response.json({ ok: true, version }, { headers: { "cache-control": "no-store" } });
