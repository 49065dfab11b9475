/** What each entry calls itself. */
export const entryFormat = "jacaranda-entry/1";
