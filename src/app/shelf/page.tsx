import { ShelfBench } from "@/ui/shelf/ShelfBench";

export const metadata = { title: "Shelf" };

export default function ShelfPage() {
  return <ShelfBench />;
}
