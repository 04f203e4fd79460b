import { KnitBench } from "@/ui/knit/KnitBench";

export const metadata = { title: "Knit" };

export default function KnitPage() {
  return <KnitBench />;
}
