import { titled } from "@/app/titled";
import { MarkCard } from "@/ui/stations/mark/MarkCard";

export const generateMetadata = titled("Mark");

export default async function MarkPage({ params }: { params: Promise<{ wallId: string }> }) {
  const { wallId } = await params;
  return <MarkCard wallId={decodeURIComponent(wallId)} />;
}
