import { KnitBench } from "@/ui/knit/KnitBench";

export default function KnitPage() {
  return <KnitBench />;
}
