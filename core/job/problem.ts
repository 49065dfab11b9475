/** What is wrong with a document, where, and what was expected. */
export interface Problem {
  readonly path: string;
  readonly message: string;
}

export type Path = readonly (string | number)[];

/** `walls[0].width` */
export function formatPath(path: Path): string {
  return path
    .map((part, index) => (typeof part === "number" ? `[${part}]` : index === 0 ? part : `.${part}`))
    .join("");
}
