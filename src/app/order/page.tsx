import { OrderBench } from "@/ui/order/OrderBench";

export default function OrderPage() {
  return <OrderBench />;
}
