/** The part of spectral.js (MIT, Ronald van Wijnen) that is used: a reflectance for each sRGB colour, and the colour of a reflectance. */
declare module "spectral.js" {
  export class Color {
    /** Of a colour as #rrggbb, or of 38 reflectances from 380 to 750 nm. */
    constructor(of: string | number[]);
    readonly R: number[];
    /** K/S of each of them, (1 - R)^2 / 2R (Kubelka and Munk 1931). */
    readonly KS: number[];
    toString(options?: { readonly format?: "hex"; readonly method?: "map" | "clip" }): string;
  }
}
