import { provideKeeper } from "./journal";
import { keepJournal } from "./journalKeeper";

// Imported by the cards on which things are told: what is told there counts at the same moment.
provideKeeper(keepJournal);
