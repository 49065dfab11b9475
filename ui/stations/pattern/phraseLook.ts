/** The look of a word that can be chosen, closed and open. */
export const phraseLook =
  "max-md:min-h-11 max-md:min-w-11 rounded-sm font-semibold underline decoration-violet decoration-2 underline-offset-4 hover:bg-violet-wash data-[state=open]:bg-violet-wash";
