import { capital } from "../../findings/capital";
import type { Speech } from "../../findings/speech";

interface Washed {
  readonly wall: string;
  readonly colour: string;
  readonly coat: number;
  readonly amount: number;
  readonly need: number;
  readonly boards: number;
  readonly each: number;
  readonly open: number;
  readonly way: "brushed" | "scraped" | "waxed";
  readonly scrapeAfter: number;
}

const tenth = (value: number): string => String(Math.round(value * 10) / 10);

/** What whitewash says of its steps. */
export const whitewashWords = {
  "wash-trial": ({ wall, colour }: { wall: string; colour: string }, speech: Speech) =>
    `${speech.wall(wall)}: try ${speech.paint(colour)} on an offcut of the same bare wood; two parts of paint to one of water is a start. Log every addition: the ratio that pleases when it is dry is the recipe. Never prime.`,
  "wash-wax": ({ wall, amount }: { wall: string; amount: number }, speech: Speech) =>
    `${speech.wall(wall)}: rub a candle along the raised grain over ${speech.area(amount)}, more at edges and knots.`,
  "wash-rub": ({ wall, amount }: { wall: string; amount: number }, speech: Speech) =>
    `${speech.wall(wall)}: rub ${speech.area(amount)} along the grain with a rag, now that it is dry: what lies on the wax comes off with it. No varnish over wax.`,
  "wash-boards": (
    { wall, colour, coat, amount, need, boards, each, open, way, scrapeAfter }: Washed,
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: coat ${coat} of ${speech.paint(colour)} over ${speech.area(amount)}, ${speech.volume(need)}, ${boards} whole ${boards === 1 ? "board" : "boards"} one by one from end to end, each in ${tenth(each)} min (an edge stays wet for ${tenth(open)}), tones by the list of boards. ${
      {
        brushed: "Brush it on along the grain and out again, so that the wood shows through.",
        scraped: `Brush it on, and after ${tenth(scrapeAfter)} min scrape it back along the grain.`,
        waxed: "Brush it over the wax; it is rubbed off the raised grain when it is dry, not before.",
      }[way]
    }`,
  "care-wood": () =>
    "Where the wood is scorched or brushed up first: outdoors, water at hand, never near finished rooms; old paint may hold lead.",
  "ready-wash": ({ way }: { way: string }) =>
    `Offcuts of the same bare wood, measuring cups, ${{ brushed: "a wide soft brush", scraped: "a wide brush and a scraper", waxed: "candles, a brush and rags" }[way]!}.`,
  "table-boards": () => "Tones of the boards",
  "why-candles": () => "the resist, along the raised grain",
  "why-rags": () => "to rub the wash off the wax",
  "why-scraper": () => "to scrape back along the grain",
};

/** What whitewash says of what it found. */
export const whitewashFindings = {
  "not-bare-wood": (
    { wall, why }: { wall: string; why: "not-boards" | "primed" | "painted" },
    speech: Speech,
  ) => ({
    say: `${capital(speech.wall(wall))} ${
      { "not-boards": "is not of boards", primed: "is primed", painted: "is painted before" }[why]
    }: whitewash is for bare wood that drinks it, and lies on anything else as a film.`,
    remedy:
      "Sand or strip the boards to bare wood first (mind the lead in old paint), or take another finish.",
  }),
};
