import { useEffect } from "react";

/** Not while a page still comes, ms. */
const fetchedAfterMs = 12_000;

/** What opens lists comes once the page has, where it is worked without a connection: by then that may be gone. */
export function useListsLater(): void {
  useEffect(() => {
    const timer = setTimeout(() => void import("./OpenedList").catch(() => undefined), fetchedAfterMs);
    return () => clearTimeout(timer);
  }, []);
}
