import { titled } from "@/app/titled";
import { AddWallCard } from "@/ui/stations/measure/AddWallCard";

export const generateMetadata = titled("Add a wall");

export default function AddWallPage() {
  return <AddWallCard />;
}
