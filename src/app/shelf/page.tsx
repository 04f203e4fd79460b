import { ShelfBench } from "@/ui/shelf/ShelfBench";

export default function ShelfPage() {
  return <ShelfBench />;
}
