import { OrderBench } from "@/ui/order/OrderBench";

export const metadata = { title: "Order" };

export default function OrderPage() {
  return <OrderBench />;
}
