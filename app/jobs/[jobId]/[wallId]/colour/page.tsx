import { titled } from "@/app/titled";
import { ColourCard } from "@/ui/stations/colour/ColourCard";

export const generateMetadata = titled("Colour");

export default async function ColourPage({ params }: { params: Promise<{ wallId: string }> }) {
  const { wallId } = await params;
  return <ColourCard wallId={decodeURIComponent(wallId)} />;
}
