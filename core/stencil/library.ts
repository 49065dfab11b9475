import type * as z from "zod";
import { once } from "../geometry/once";
import { stencilSchema, type Stencil } from "./schema";

/** A sheet as a job document writes it. */
export type StencilDocument = z.input<typeof stencilSchema>;

/** A lens between two points of an upright axis, bulging so far to each side. */
const lens = (x: number, low: number, high: number, bulge: number): string => {
  const third = (high - low) / 3;
  const reach = (bulge * 4) / 3;
  return `M ${x} ${low} C ${x + reach} ${low + third} ${x + reach} ${high - third} ${x} ${high} C ${x - reach} ${high - third} ${x - reach} ${low + third} ${x} ${low} Z`;
};
const disc = (x: number, y: number, r: number): string =>
  `M ${x - r} ${y} A ${r} ${r} 0 0 1 ${x + r} ${y} A ${r} ${r} 0 0 1 ${x - r} ${y} Z`;
/** A quarter of a ring between two radii, a bridge left at both its ends. */
const quarterRing = (inner: number, outer: number, sx: 1 | -1, sy: 1 | -1, gap: number): string => {
  const sweep = sx * sy > 0 ? 1 : 0;
  const [a, b] = [Math.sqrt(outer * outer - gap * gap), Math.sqrt(inner * inner - gap * gap)];
  return `M ${sx * a} ${sy * gap} A ${outer} ${outer} 0 0 ${sweep} ${sx * gap} ${sy * a} L ${sx * gap} ${sy * b} A ${inner} ${inner} 0 0 ${1 - sweep} ${sx * b} ${sy * gap} Z`;
};
const corners = [
  [1, 1],
  [-1, 1],
  [-1, -1],
  [1, -1],
] as const;

/** Sheets of our own drawing that ship with the program. */
export const stencilLibrary: readonly (StencilDocument & { readonly name: string })[] = [
  {
    id: "reed",
    name: "Reed",
    repeat: { x: 320, y: 520 },
    overlays: [
      {
        id: "1",
        cuts: [
          { slot: "leaf", path: lens(0, -210, 150, 26) },
          { slot: "leaf", path: "M -30 -205 C -100 -120 -130 20 -96 120 C -72 30 -52 -90 -30 -205 Z" },
          { slot: "leaf", path: "M 30 -205 C 100 -120 130 20 96 120 C 72 30 52 -90 30 -205 Z" },
          { slot: "seed", path: lens(0, 165, 232, 13) },
          { slot: "seed", path: lens(-62, 120, 178, 10) },
          { slot: "seed", path: lens(62, 120, 178, 10) },
        ],
      },
    ],
    registers: [
      [-150, -250],
      [150, -250],
    ],
  },
  {
    id: "net",
    name: "Net",
    repeat: { x: 240, y: 240 },
    overlays: [
      {
        id: "1",
        cuts: [
          { slot: "mesh", path: lens(0, 18, 112, 20) },
          { slot: "mesh", path: lens(0, -112, -18, 20) },
          { slot: "mesh", path: "M 18 0 C 49 27 81 27 112 0 C 81 -27 49 -27 18 0 Z" },
          { slot: "mesh", path: "M -18 0 C -49 -27 -81 -27 -112 0 C -81 27 -49 27 -18 0 Z" },
        ],
      },
    ],
    registers: [
      [-110, -110],
      [110, -110],
    ],
  },
  {
    id: "ripple",
    name: "Ripple",
    repeat: { x: 300, y: 130 },
    overlays: [
      {
        id: "1",
        cuts: [
          {
            slot: "crest",
            path: "M -142 -34 C -110 -34 -96 28 -48 28 C -10 28 -2 -22 40 -22 C 78 -22 98 12 142 12 L 142 -10 C 104 -10 82 -46 40 -46 C -10 -46 -20 2 -48 2 C -82 2 -104 -58 -142 -58 Z",
          },
        ],
      },
      {
        id: "2",
        cuts: [
          { slot: "foam", path: disc(-48, 46, 9) },
          { slot: "foam", path: disc(-16, 42, 6) },
          { slot: "foam", path: disc(96, 34, 8) },
        ],
      },
    ],
    registers: [
      [-140, 55],
      [140, 55],
    ],
  },
  {
    id: "buoy",
    name: "Buoy",
    repeat: { x: 260, y: 260 },
    overlays: [
      { id: "1", cuts: corners.map(([sx, sy]) => ({ slot: "ring", path: quarterRing(62, 96, sx, sy, 4) })) },
      {
        id: "2",
        cuts: [
          { slot: "float", path: disc(0, 0, 44) },
          { slot: "rope", path: "M -7 104 L 7 104 L 7 124 L -7 124 Z" },
        ],
      },
    ],
    registers: [
      [-115, -115],
      [115, -115],
    ],
  },
  {
    id: "rope",
    name: "Rope",
    repeat: { x: 96, y: 34 },
    sheet: { width: 400, height: 120 },
    overlays: [
      {
        id: "1",
        cuts: [-24, 24].map((x) => ({
          slot: "strand",
          path: `M ${x - 20} -10 C ${x - 12} 8 ${x + 6} 12 ${x + 20} 10 C ${x + 12} -8 ${x - 6} -12 ${x - 20} -10 Z`,
        })),
      },
      {
        id: "2",
        cuts: [-24, 24].map((x) => ({
          slot: "light",
          path: `M ${x - 11} -3 C ${x - 5} 4 ${x + 2} 7 ${x + 10} 7 C ${x + 3} 3 ${x - 4} -1 ${x - 11} -3 Z`,
        })),
      },
    ],
    registers: [
      [-46, 14],
      [46, 14],
    ],
  },
  {
    id: "gull",
    name: "Gull",
    repeat: { x: 360, y: 240 },
    overlays: [
      {
        id: "1",
        cuts: [
          { slot: "wing", path: "M -6 -10 C -50 52 -110 60 -150 22 C -108 36 -62 22 -22 -40 Z" },
          { slot: "wing", path: "M 6 -10 C 50 52 110 60 150 22 C 108 36 62 22 22 -40 Z" },
        ],
      },
    ],
  },
];

const parsedLibrary = once((): Stencil[] => stencilLibrary.map((stencil) => stencilSchema.parse(stencil)));

/** A job's own sheets, and those that ship beside them. */
export const sheetsAtHand = (own: readonly Stencil[]): Stencil[] => [
  ...own,
  ...parsedLibrary().filter(({ id }) => own.every((other) => other.id !== id)),
];

/** The sheets of these names that ship and are not among a job's own yet, as a document writes them. */
export const sheetsToAdd = (
  names: readonly string[],
  own: readonly { readonly id: string }[],
): StencilDocument[] =>
  stencilLibrary.filter(({ id }) => names.includes(id) && own.every((other) => other.id !== id));
