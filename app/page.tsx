import { currentStore } from "@/store/currentStore";
import { planOfDocument } from "@/app/planOfDocument";
import { HomeScreen } from "@/ui/home/HomeScreen";

export default async function HomePage() {
  const { jobs } = await currentStore();
  const list = await jobs.list();
  return (
    <HomeScreen
      jobs={list.map(({ id, name, document, updatedAt }) => ({
        id,
        name,
        changed: updatedAt.toISOString(),
        ...planOfDocument(document),
      }))}
    />
  );
}
