import { SwapBench } from "@/ui/swap/SwapBench";

export const metadata = { title: "Swap" };

export default function SwapPage() {
  return <SwapBench />;
}
