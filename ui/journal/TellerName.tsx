"use client";

import { TextField } from "@/ui/parts/TextField";
import { useTeller } from "./useTeller";

/** By what name it is told in this browser. */
export function TellerName() {
  const name = useTeller((teller) => teller.name);
  const setName = useTeller((teller) => teller.setName);
  return (
    <TextField
      label="Told here by"
      value={name}
      onChange={(typed) => {
        setName(typed);
        return null;
      }}
    />
  );
}
