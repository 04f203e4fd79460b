import { PanelsBench } from "@/ui/panels/PanelsBench";

export default function PanelsPage() {
  return <PanelsBench />;
}
