import { DaysCard } from "@/ui/stations/days/DaysCard";

export default function DaysPage() {
  return <DaysCard />;
}
