import { isSameSubject } from "../findings/subject";

/** A document as far as its boards are changed; as it is written. */
export interface Boarded {
  readonly boards?: readonly { readonly id: string; readonly of: object }[] | undefined;
}

/** Without one of its boards. */
export const withoutBoard = <Document extends Boarded>(document: Document, id: string): Document =>
  keeping(document, (board) => board.id !== id);

/** Without the boards of something: it is decided, or gone. */
export function withoutBoardsOf<Document extends Boarded>(
  document: Document,
  ...gone: readonly Readonly<Record<string, string>>[]
): Document {
  return keeping(document, (board) => !gone.some((one) => isSameSubject(one, board.of)));
}

const keeping = <Document extends Boarded>(
  document: Document,
  isKept: (board: NonNullable<Boarded["boards"]>[number]) => boolean,
): Document => (document.boards ? { ...document, boards: document.boards.filter(isKept) } : document);
