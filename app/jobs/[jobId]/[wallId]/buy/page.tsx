import { titled } from "@/app/titled";
import { BuyCard } from "@/ui/stations/buy/BuyCard";

export const generateMetadata = titled("Buy");

export default function BuyPage() {
  return <BuyCard />;
}
