import { SwatchesBench } from "@/ui/swatches/SwatchesBench";

export default function SwatchesPage() {
  return <SwatchesBench />;
}
