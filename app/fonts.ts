import localFont from "next/font/local";

/**
 * The letters that nearly all text is in, loaded ahead of the page, with a fallback of their measure: nothing moves when they
 * come. What lies outside of them comes from the same families' other files (globals.css). (The build reads literals alone: hence
 * the range twice.)
 */
export const sans = localFont({
  src: "../node_modules/@fontsource-variable/commissioner/files/commissioner-latin-wght-normal.woff2",
  weight: "100 900",
  variable: "--font-latin-sans",
  declarations: [
    {
      prop: "unicode-range",
      value:
        "U+0000-00FF, U+0131, U+0152-0153, U+02BB-02BC, U+02C6, U+02DA, U+02DC, U+0304, U+0308, U+0329, U+2000-206F, U+20AC, U+2122, U+2191, U+2193, U+2212, U+2215, U+FEFF, U+FFFD",
    },
  ],
});

export const display = localFont({
  src: "../node_modules/@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2",
  weight: "200 800",
  variable: "--font-latin-display",
  declarations: [
    {
      prop: "unicode-range",
      value:
        "U+0000-00FF, U+0131, U+0152-0153, U+02BB-02BC, U+02C6, U+02DA, U+02DC, U+0304, U+0308, U+0329, U+2000-206F, U+20AC, U+2122, U+2191, U+2193, U+2212, U+2215, U+FEFF, U+FFFD",
    },
  ],
});
