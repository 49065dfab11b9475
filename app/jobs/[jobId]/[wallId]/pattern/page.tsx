import { titled } from "@/app/titled";
import { PatternCard } from "@/ui/stations/pattern/PatternCard";

export const generateMetadata = titled("Pattern");

export default async function PatternPage({ params }: { params: Promise<{ wallId: string }> }) {
  const { wallId } = await params;
  return <PatternCard wallId={decodeURIComponent(wallId)} />;
}
