"use client";
import { techniques, type TechniqueId } from "@/core/words/english/techniques";
import { closeGlossary } from "@/state/chosen/glossary";
import { explain } from "@/state/chosen/how";
import { Button } from "@/ui/parts/Button";
import { useTechniques } from "./TechniqueHow";

const IDS = Object.keys(techniques) as readonly TechniqueId[];

/** Techniques whose name or steps hold what is looked for; all of them where nothing is. */
export function TechniqueList({ wanted }: { readonly wanted: string }) {
  const wordsOf = useTechniques();
  const plain = wanted.trim().toLowerCase();
  const all = IDS.map((id) => ({ id, ...wordsOf(id) }));
  const named = all.filter(({ name }) => name.toLowerCase().includes(plain));
  const found =
    named.length > 0
      ? named
      : all.filter(({ steps }) => steps.some((step) => step.toLowerCase().includes(plain)));
  if (found.length === 0) return null;
  return (
    <section className="mt-4">
      <h3 className="text-lg">How things are done</h3>
      <ul className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        {found.map(({ id, name }) => (
          <li key={id}>
            <Button
              look="link"
              onClick={() => {
                closeGlossary();
                explain({ technique: id });
              }}
            >
              {name}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
