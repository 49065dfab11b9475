import type { PriceSheet, TinOffer } from "@/devices/prices/priceList";
import type { Job } from "@/core/job/schema";
import { formatTin } from "@/core/measure/formatLength";
import type { JobDocument, PaintDocument } from "@/ui/job/jobDocument";

type PackDocument = NonNullable<PaintDocument["packs"]>[number];

/** What a supplier's sheet would change, in words: prices, sizes that are new, and what cannot be had. */
export function listPriceChanges(job: Job, sheet: PriceSheet, money: (amount: number) => string): string[] {
  const tins = job.paints.flatMap((paint) =>
    (sheet.paints.get(paint.id) ?? []).flatMap((offer): string[] => {
      const what = `${paint.name}, ${formatTin(offer.sizeMl)}`;
      const known = paint.packs.find(({ size }) => Math.abs(size - offer.sizeMl) < 0.5);
      if (!known) return offer.stock > 0 ? [`${what}: new, ${money(offer.price)}`] : [];
      if (offer.stock === 0) return known.inStock ? [`${what}: sold out`] : [];
      const back = known.inStock ? "" : ", to be had again";
      if (known.price === undefined) return [`${what}: ${money(offer.price)}${back}`];
      if (Math.abs(known.price - offer.price) < 0.005 && back === "") return [];
      return [`${what}: ${money(known.price)} → ${money(offer.price)}${back}`];
    }),
  );
  const changed = [...sheet.sundries].filter(([item, price]) => job.supplies[item]?.price !== price);
  return changed.length > 0 ? [...tins, `${changed.length} prices of sundries`] : tins;
}

/** The document with a supplier's prices and stock. Sizes that the supplier does not have stay as they are. */
export function takePrices(document: JobDocument, job: Job, sheet: PriceSheet): JobDocument {
  const supplies = { ...document.supplies };
  for (const [item, price] of sheet.sundries) supplies[item] = { ...supplies[item], price };
  return {
    ...document,
    supplies,
    paints: document.paints.map((paint) => {
      const offers = sheet.paints.get(paint.id);
      return offers ? { ...paint, packs: packsFrom(paint, job, offers) } : paint;
    }),
  };
}

function packsFrom(paint: PaintDocument, job: Job, offers: readonly TinOffer[]): PackDocument[] {
  const written = paint.packs ?? [];
  const sizes = job.paints.find(({ id }) => id === paint.id)!.packs.map(({ size }) => size);
  const priced = written.map((pack, index): PackDocument => {
    const offer = offers.find(({ sizeMl }) => Math.abs(sizeMl - sizes[index]!) < 0.5);
    if (!offer) return pack;
    // Seen at a supplier's, it is no longer only usual.
    return { ...pack, usual: undefined, price: offer.price, inStock: offer.stock > 0 };
  });
  const added = offers
    .filter(({ sizeMl, stock }) => stock > 0 && !sizes.some((size) => Math.abs(size - sizeMl) < 0.5))
    .map(({ sizeMl, price }): PackDocument => ({ size: sizeMl, price }));
  return [...priced, ...added];
}
