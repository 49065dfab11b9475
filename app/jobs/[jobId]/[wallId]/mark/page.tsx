import { MarkCard } from "@/ui/stations/mark/MarkCard";

export default async function MarkPage({ params }: { params: Promise<{ wallId: string }> }) {
  const { wallId } = await params;
  return <MarkCard wallId={decodeURIComponent(wallId)} />;
}
