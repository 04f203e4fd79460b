import { HelpPage } from "@/ui/help/HelpPage";

export const metadata = { title: "Help" };

export default function Help() {
  return <HelpPage />;
}
