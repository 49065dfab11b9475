"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import type { FinishDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";
import type { FieldsProps } from "./FinishFields";
import { phraseLook } from "./phraseLook";
import { actionsOf, sentenceOf, type Phrase } from "./sentenceOf";

const OpenedPhrase = dynamic(() => import("./OpenedPhrase").then((module) => module.OpenedPhrase));

/** What a finish's card decides, said as a painter says it; each word that can be chosen opens what else it could be. */
export function FinishSentence({ wallId, fields, ...rest }: FieldsProps & { readonly wallId: string }) {
  const sentences = sentenceOf(fields, rest.paints, rest.units);
  return (
    <div className="py-2 text-[1.0625rem] leading-8">
      {sentences.map(({ about, phrases }, sentence) => (
        <p key={sentence}>
          {about !== null && <span className="font-semibold">{about}: </span>}
          {phrases.map((phrase, place) => (
            <span key={place}>
              <span className="text-soft">
                {place === 0 && about === null ? phrase.label : startingSmall(phrase.label)}
              </span>{" "}
              <span className={phrase.value.length < longestUnbroken ? "whitespace-nowrap" : ""}>
                <PhraseWord phrase={phrase} wallId={wallId} {...rest} />
                {place < phrases.length - 1 ? "," : "."}
              </span>{" "}
            </span>
          ))}
        </p>
      ))}
      <div className="-mx-3.5 flex flex-wrap">
        {actionsOf(fields).map((field) => (
          <Button
            key={field.label}
            look="quiet"
            className="text-sm text-violet"
            onClick={() => rest.onEdit((finish) => ({ ...finish, ...field.set }) as FinishDocument)}
          >
            {field.label}
          </Button>
        ))}
      </div>
    </div>
  );
}

/** A longer word may be broken, with what stands after it. */
const longestUnbroken = 28;

const startingSmall = (label: string): string => label.charAt(0).toLowerCase() + label.slice(1);

interface WordProps extends Omit<FieldsProps, "fields"> {
  readonly phrase: Phrase;
  readonly wallId: string;
}

/** What it could be is loaded and worked out when it is first asked for. */
function PhraseWord({ phrase, ...rest }: WordProps) {
  const [isAsked, setAsked] = useState(false);
  const { label, value } = phrase;
  const name = `${label}: ${value}`;
  return isAsked ? (
    <OpenedPhrase phrase={phrase} name={name} {...rest} />
  ) : (
    <button
      type="button"
      aria-haspopup="dialog"
      aria-expanded={false}
      aria-label={name}
      className={phraseLook}
      onClick={() => setAsked(true)}
    >
      <Measure>{value}</Measure>
    </button>
  );
}
