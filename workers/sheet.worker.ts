import { expose } from "comlink";
import { readSvgSheet } from "@/formats/readSvgSheet";

/** Reads a drawing, which may be hostile, apart from everything else. */
const reader = { read: readSvgSheet };

export type SheetApi = typeof reader;

expose(reader);
