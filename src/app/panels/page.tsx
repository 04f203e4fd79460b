import { PanelsBench } from "@/ui/panels/PanelsBench";

export const metadata = { title: "Panels" };

export default function PanelsPage() {
  return <PanelsBench />;
}
