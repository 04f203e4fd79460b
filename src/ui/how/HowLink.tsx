import { techniqueOf } from "@/core/knitting/techniques";
import type { Message } from "@/core/words/message";
import { explain } from "@/state/chosen/how";
import { Button } from "@/ui/parts/Button";
import { useSaid } from "@/ui/parts/Said";

/** The way to how something that was said is done; nothing where there is nothing to explain. */
export function HowLink({ of }: { readonly of: Message }) {
  const said = useSaid();
  const technique = techniqueOf(of);
  if (!technique) return null;
  return (
    <Button
      look="link"
      className="text-sm"
      aria-label={`How? ${said(of)}`}
      onClick={() => explain({ technique })}
    >
      How?
    </Button>
  );
}
