import { MeasureCard } from "@/ui/stations/measure/MeasureCard";

export default async function MeasurePage({ params }: { params: Promise<{ wallId: string }> }) {
  const { wallId } = await params;
  return <MeasureCard wallId={decodeURIComponent(wallId)} />;
}
