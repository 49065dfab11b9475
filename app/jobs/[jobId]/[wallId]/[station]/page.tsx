import { StationCard } from "@/ui/shell/StationCard";

export default function StationPage() {
  return <StationCard />;
}
