"use client";

import { Ellipsis } from "lucide-react";
import Image from "next/image";
import Link from "next/link";
import { DropdownMenu } from "radix-ui";
import { Fragment, useState } from "react";
import { Button } from "@/ui/parts/Button";
import { iconLook } from "@/ui/parts/IconButton";
import type { JobOnHome } from "./jobOnHome";
import { RenameJob } from "./RenameJob";
import type { JobActions } from "./useJobActions";

/** One job: its walls in little, what it comes to, the way in, and what else can be done with it. */
export function JobTile({ job, actions }: { job: JobOnHome; actions: JobActions }) {
  const [isRenaming, setRenaming] = useState(false);
  const { texts, trouble } = job;
  const path = `/jobs/${encodeURIComponent(job.id)}`;
  return (
    // What is out of sight is not laid out: there may be hundreds.
    <li className="border-b border-hairline py-3 [contain-intrinsic-size:auto_6.5rem] max-md:[contain-intrinsic-size:auto_16rem] [content-visibility:auto]">
      <div className="flex items-center gap-2">
        <div className="min-w-0 flex-1">
          {isRenaming ? (
            <RenameJob
              name={job.name}
              onName={async (name) => {
                if (await actions.rename(job, name)) setRenaming(false);
              }}
              onLeave={() => setRenaming(false)}
            />
          ) : (
            <Link href={path} className="group flex flex-wrap items-center gap-x-6 gap-y-2">
              {/* While nothing is known of it there is room for what will be. */}
              <div
                className={`min-w-44 flex-1 ${job.isKnown ? "" : "max-md:min-h-[8.75rem] md:min-h-[4.75rem]"}`}
              >
                <p className="font-display text-xl font-bold break-words group-hover:text-violet">
                  {job.name}
                </p>
                <p className="text-[0.9375rem] text-soft">
                  {texts.map((text, index) => (
                    <Fragment key={text}>
                      {index > 0 && " "}
                      <span className="inline-block">{index < texts.length - 1 ? `${text},` : text}</span>
                    </Fragment>
                  ))}
                </p>
                <Due texts={job.due} />
              </div>
              {trouble === null && <TilePicture picture={job.picture} />}
            </Link>
          )}
        </div>
        {job.standing === "deleted" ? (
          <Button onClick={() => void actions.bringBack(job)}>
            Bring back<span className="sr-only"> {job.name}</span>
          </Button>
        ) : (
          <TileMenu job={job} actions={actions} onRename={() => setRenaming(true)} />
        )}
      </div>
      {trouble !== null && <p className="text-[0.9375rem] text-brick">{trouble}</p>}
    </li>
  );
}

/** Its room is there before the picture is: what stands below does not move when it comes. */
function TilePicture({ picture }: { picture: string | null }) {
  return (
    <span className="block h-20 w-60 max-w-full max-md:w-full">
      {picture && (
        // A small SVG of our own: there is nothing to make smaller.
        <Image
          unoptimized
          src={picture}
          alt=""
          width={240}
          height={80}
          className="size-full object-contain object-right max-md:object-left"
        />
      )}
    </span>
  );
}

/** What is due: when it is, and what is done then. */
function Due({ texts: [when, what] }: { texts: readonly string[] }) {
  return (
    when !== undefined && (
      <p className="text-[0.9375rem]">
        <b className="font-semibold">{when}</b> {what}
      </p>
    )
  );
}

interface MenuProps {
  readonly job: JobOnHome;
  readonly actions: JobActions;
  readonly onRename: () => void;
}

const entry =
  "flex min-h-11 w-full cursor-pointer items-center rounded-md px-3 outline-none data-[highlighted]:bg-violet-wash";

/** Its menu is there once it was asked for; a long list of them is dear to make ready. */
function TileMenu({ job, actions, onRename }: MenuProps) {
  const [isAsked, setAsked] = useState(false);
  const look = { className: `${iconLook} text-soft`, "aria-label": `More about ${job.name}` };
  const dots = <Ellipsis size={20} aria-hidden />;
  if (!isAsked)
    return (
      <button
        type="button"
        aria-haspopup="menu"
        aria-expanded={false}
        {...look}
        onClick={() => setAsked(true)}
      >
        {dots}
      </button>
    );
  return (
    <DropdownMenu.Root defaultOpen modal={false}>
      <DropdownMenu.Trigger {...look}>{dots}</DropdownMenu.Trigger>
      {/* Within the page's own part: what stands outside of all is read out by nobody. */}
      <DropdownMenu.Portal container={document.querySelector("main")}>
        <DropdownMenu.Content
          align="end"
          sideOffset={2}
          className="z-40 min-w-48 rounded-md border border-ink bg-card p-1"
        >
          <DropdownMenu.Item className={entry} onSelect={onRename}>
            Rename
          </DropdownMenu.Item>
          <DropdownMenu.Item className={entry} onSelect={() => void actions.copy(job)}>
            Copy
          </DropdownMenu.Item>
          <DropdownMenu.Item className={entry} asChild>
            <a href={`/api/jobs/${encodeURIComponent(job.id)}/job?download`} download>
              Export the job file
            </a>
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={entry}
            onSelect={() => void actions.putAway(job, job.standing !== "put-away")}
          >
            {job.standing === "put-away" ? "Put among the others" : "Put away"}
          </DropdownMenu.Item>
          <DropdownMenu.Item className={`${entry} text-brick`} onSelect={() => void actions.remove(job)}>
            Delete
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
