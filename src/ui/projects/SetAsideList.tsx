import { forgetSetAside } from "@/state/keeping/home";
import type { SetAside } from "@/state/keeping/records";
import { Button } from "@/ui/parts/Button";
import { download } from "@/ui/parts/download";
import { tellTime } from "./when";

const KINDS = { project: "A project", shelf: "A shelf" } as const;

/** What was found in this browser and could not be read: nothing of it is thrown away by itself. */
export function SetAsideList({ aside }: { readonly aside: readonly SetAside[] }) {
  if (aside.length === 0) return null;
  return (
    <section aria-label="Set aside" className="mt-4 border-t border-line pt-3">
      <h3 className="font-semibold">Set aside, since it could not be read</h3>
      <ul className="mt-1 grid gap-1">
        {aside.map(({ at, what, text }) => (
          <li key={at} className="flex flex-wrap items-baseline justify-between gap-x-3">
            <span>
              {KINDS[what]}, found {tellTime(at)}, {Math.ceil(text.length / 1000)} kB
            </span>
            <span className="flex gap-3">
              <Button
                look="link"
                onClick={() =>
                  download(
                    `brenok-${what}-${new Date(at).toISOString().slice(0, 10)}.txt`,
                    new Blob([text], { type: "text/plain" }),
                  )
                }
              >
                Save as it is
              </Button>
              <Button look="link" onClick={() => void forgetSetAside(at)}>
                Delete
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
