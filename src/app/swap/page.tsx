import { SwapBench } from "@/ui/swap/SwapBench";

export default function SwapPage() {
  return <SwapBench />;
}
