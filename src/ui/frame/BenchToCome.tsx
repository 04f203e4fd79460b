import Link from "next/link";
import type { Bench } from "./benches";

/** A bench that is not built yet says what it will do, and nothing on it pretends to work. */
export function BenchToCome({ bench }: { readonly bench: Bench }) {
  return (
    <section className="mx-auto mt-6 max-w-xl rounded-xl border border-dashed border-edge bg-card p-8">
      <p className="text-faint">Not built yet</p>
      <h2 className="mt-1 text-3xl">{bench.name}</h2>
      <p className="mt-3 text-lg">{bench.promise}</p>
      <p className="mt-4">
        The yarn is calculated on the{" "}
        <Link className="text-woad underline" href="/">
          Pieces bench
        </Link>
        , and the answer above already holds.
      </p>
    </section>
  );
}
