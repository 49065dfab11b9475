import { began } from "./kinds/began";
import { paused } from "./kinds/paused";
import { finished } from "./kinds/finished";
import { skipped } from "./kinds/skipped";
import { again } from "./kinds/again";
import { marked } from "./kinds/marked";
import { looked } from "./kinds/looked";
import { measured } from "./kinds/measured";
import { weighed } from "./kinds/weighed";
import { batch } from "./kinds/batch";
import { sample } from "./kinds/sample";
import { sampleLook } from "./kinds/sampleLook";
import { decided } from "./kinds/decided";
import { section } from "./kinds/section";
import { miss } from "./kinds/miss";
import { trouble } from "./kinds/trouble";
import { settled } from "./kinds/settled";
import { snag } from "./kinds/snag";
import { mended } from "./kinds/mended";
import { approved } from "./kinds/approved";
import { stock } from "./kinds/stock";
import { air } from "./kinds/air";
import { hours } from "./kinds/hours";
import { photo } from "./kinds/photo";
import { note } from "./kinds/note";
import type { EntryKind } from "./defineKind";

/** All kinds of entries that fold into what is known: the one list. `withdrawn`, which takes another back, is the fold's own. */
export const entryKinds: readonly EntryKind[] = [
  began,
  paused,
  finished,
  skipped,
  again,
  marked,
  looked,
  measured,
  settled,
  weighed,
  batch,
  sample,
  sampleLook,
  decided,
  section,
  miss,
  trouble,
  snag,
  mended,
  approved,
  stock,
  air,
  hours,
  photo,
  note,
];

const byKind = new Map(entryKinds.map((known) => [known.kind, known]));

export const kindOf = (kind: string): EntryKind | null => byKind.get(kind) ?? null;
