import { PiecesBench } from "@/ui/pieces/PiecesBench";

export default function PiecesPage() {
  return <PiecesBench />;
}
