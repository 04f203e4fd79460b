import { notFound } from "next/navigation";
import { BENCHES } from "@/ui/frame/benches";
import { BenchToCome } from "@/ui/frame/BenchToCome";

export const dynamicParams = false;

export const generateStaticParams = () =>
  BENCHES.filter(({ promise }) => promise !== "").map(({ path }) => ({ bench: path.slice(1) }));

export default async function BenchPage({ params }: { readonly params: Promise<{ bench: string }> }) {
  const { bench } = await params;
  const found = BENCHES.find(({ path }) => path === `/${bench}`);
  if (!found) notFound();
  return <BenchToCome bench={found} />;
}
