import { BuyCard } from "@/ui/stations/buy/BuyCard";

export default function BuyPage() {
  return <BuyCard />;
}
