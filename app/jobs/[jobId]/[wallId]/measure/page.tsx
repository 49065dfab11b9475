import { titled } from "@/app/titled";
import { MeasureCard } from "@/ui/stations/measure/MeasureCard";

export const generateMetadata = titled("Measure");

export default async function MeasurePage({ params }: { params: Promise<{ wallId: string }> }) {
  const { wallId } = await params;
  return <MeasureCard wallId={decodeURIComponent(wallId)} />;
}
