import { AddWallCard } from "@/ui/stations/measure/AddWallCard";

export default function AddWallPage() {
  return <AddWallCard />;
}
