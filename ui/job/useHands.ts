"use client";

import { useJob, useJournalState } from "@/ui/job/JobProvider";
import { useTeller } from "@/ui/journal/useTeller";

/** What the plan's persons are called: those who have told anything, in the order in which they first did. */
export function useHands(): { readonly nameOf: (person: number) => string; readonly own: number } {
  const { crew } = useJob().work;
  const me = useTeller(({ name }) => name);
  const people = useJournalState(({ happened }) => happened.people);
  const place = people.indexOf(me);
  const own = place < 0 ? people.length : place;
  return {
    nameOf(person) {
      const known = people[person - 1];
      if (known !== undefined) return known;
      return people.includes(me) || person > people.length + 1 ? `Hand ${person}` : me;
    },
    // More may tell of it than there are hands.
    own: own < crew ? own + 1 : 1,
  };
}
