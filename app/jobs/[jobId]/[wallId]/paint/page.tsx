import { titled } from "@/app/titled";
import { PaintCard } from "@/ui/stations/paint/PaintCard";

export const generateMetadata = titled("Paint");

export default function PaintPage() {
  return <PaintCard />;
}
