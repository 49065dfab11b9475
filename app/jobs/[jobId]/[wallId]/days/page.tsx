import { titled } from "@/app/titled";
import { DaysCard } from "@/ui/stations/days/DaysCard";

export const generateMetadata = titled("Days");

export default function DaysPage() {
  return <DaysCard />;
}
