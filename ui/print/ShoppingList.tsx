import { formatTin, formatVolume } from "@/core/measure/formatLength";
import type { Plan } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { Measure } from "@/ui/parts/Measure";
import { priceText } from "@/ui/parts/packsText";

interface Props {
  readonly job: Job;
  readonly plan: Plan;
  readonly version: number;
}

/** What to bring home, with boxes to tick, black on white. */
export function ShoppingList({ job, plan, version }: Props) {
  const money = (amount: number) => priceText(amount, job.currency);
  const nameOf = (id: string) => job.paints.find((paint) => paint.id === id)!;
  const paints = plan.paint.filter(({ packs }) => packs.length > 0);
  const missing = plan.paint.filter(
    ({ packs, need_ml, store_ml, made_ml }) =>
      packs.length === 0 && made_ml === undefined && need_ml > store_ml + 1e-6,
  );
  const stored = plan.paint.filter(({ store_ml }) => store_ml > 0);
  return (
    <article className="mx-auto max-w-[820px] bg-white px-4 pb-8 text-[11pt] leading-snug text-black print:max-w-none print:p-0">
      <header className="flex items-baseline justify-between border-b-2 border-black pb-1">
        <h1 className="text-[17pt] font-bold">Shopping list</h1>
        <p>{`${job.name}, version ${version}`}</p>
      </header>
      <table className="w-full border-collapse">
        <caption className="pt-3 pb-1 text-left text-[13pt] font-bold">Paint</caption>
        <thead>
          <tr className="border-b border-black text-left">
            <th scope="col" className="w-8 font-semibold">
              <span className="sr-only">Bought</span>
            </th>
            <th scope="col" className="font-semibold">
              Colour
            </th>
            <th scope="col" className="font-semibold">
              Tins
            </th>
            <th scope="col" className="font-semibold">
              Needed
            </th>
            <th scope="col" className="text-right font-semibold">
              Cost
            </th>
          </tr>
        </thead>
        <tbody>
          {paints.map(({ colour, packs, need_ml, cost }) => {
            const { name, hex, sheen } = nameOf(colour);
            return (
              <tr key={colour} className="break-inside-avoid border-b border-neutral-400">
                <td>
                  <Box />
                </td>
                <td>{`${name}, ${sheen}, ${hex}`}</td>
                <td className="font-semibold">
                  {packs.map(({ count, size_ml }) => `${count} × ${formatTin(size_ml)}`).join(" + ")}
                </td>
                <td>{formatVolume(need_ml, job.volumes)}</td>
                <td className="text-right">{packs.some(({ price }) => price === null) ? "" : money(cost)}</td>
              </tr>
            );
          })}
          {missing.map(({ colour, need_ml, store_ml }) => (
            <tr key={colour} className="border-b border-neutral-400">
              <td>
                <Box />
              </td>
              <td>{nameOf(colour).name}</td>
              <td
                colSpan={3}
              >{`no tin known; ${formatVolume(need_ml - store_ml, job.volumes)} are missing`}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {stored.length > 0 && (
        <p className="pt-2">
          {`From the store: ${stored.map(({ colour, store_ml }) => `${nameOf(colour).name} ${formatVolume(store_ml, job.volumes)}`).join(", ")}.`}
        </p>
      )}
      <SundryTable job={job} plan={plan} />
      <p className="pt-3 text-right font-bold">{`In all ${money(plan.cost.total)}`}</p>
      {plan.cost.unpriced > 0 && (
        <p className="text-right">{`${plan.cost.unpriced} things have no price yet.`}</p>
      )}
      <p className="pt-2">
        Several tins of a colour: one batch, boxed before use. The label on the tin always wins.
      </p>
    </article>
  );
}

function SundryTable({ job, plan }: Omit<Props, "version">) {
  const money = (amount: number) => priceText(amount, job.currency);
  const sundries = plan.sundries.filter(({ buy }) => buy > 0);
  return (
    <table className="w-full border-collapse">
      <caption className="pt-4 pb-1 text-left text-[13pt] font-bold">Tape and sundries</caption>
      <tbody>
        {sundries.map(({ item, name, why, buy, price, cost }) => (
          <tr key={item} className="break-inside-avoid border-b border-neutral-400">
            <td className="w-8">
              <Box />
            </td>
            <td className="font-semibold">{`${buy} × ${name}`}</td>
            <td>
              <Measure>{why}</Measure>
            </td>
            <td className="text-right">{price === null ? "" : money(cost)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const Box = () => (
  <span aria-hidden="true" className="inline-block size-4 border-[1.5px] border-black align-middle" />
);
