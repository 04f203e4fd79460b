import { SwatchesBench } from "@/ui/swatches/SwatchesBench";

export const metadata = { title: "Swatches" };

export default function SwatchesPage() {
  return <SwatchesBench />;
}
