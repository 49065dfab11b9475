"use client";

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  arrayMove,
  horizontalListSortingStrategy,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { GripVertical } from "lucide-react";
import { finishOf } from "@/core/finishes/registry";
import type { JobFinish } from "@/core/job/schema";
import { useJobState } from "@/ui/job/JobProvider";
import { reorderFinishes } from "@/ui/job/reorderFinishes";

interface Props {
  readonly stack: readonly JobFinish[];
  readonly inHand: string;
  readonly onTake: (id: string) => void;
}

/** A click takes a finish in hand; only a pull that goes further moves it. */
const pullPx = 6;

/** The finishes of a wall, the lowest first; one of them is in hand, and they can be laid in another order. */
export function FinishStack({ stack, inHand, onTake }: Props) {
  const change = useJobState((state) => state.change);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: pullPx } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = stack.map(({ id }) => id);
  return (
    <div className="flex flex-wrap items-center gap-1.5 pt-1" role="group" aria-label="Finishes on this wall">
      <DndContext
        // The same on the server as in the browser.
        id="finish-stack"
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => {
          if (!over || over.id === active.id) return;
          const order = arrayMove(ids, ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
          change((before) => reorderFinishes(before, order));
        }}
      >
        <SortableContext items={ids} strategy={horizontalListSortingStrategy}>
          {stack.map((finish, index) => (
            <Layer
              key={finish.id}
              finish={finish}
              number={index + 1}
              isInHand={finish.id === inHand}
              onTake={() => onTake(finish.id)}
            />
          ))}
        </SortableContext>
      </DndContext>
    </div>
  );
}

interface LayerProps {
  readonly finish: JobFinish;
  readonly number: number;
  readonly isInHand: boolean;
  readonly onTake: () => void;
}

function Layer({ finish, number, isInHand, onTake }: LayerProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: finish.id,
  });
  const { title } = finishOf(finish.kind);
  return (
    <span
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`flex items-center rounded-full border ${isInHand ? "border-violet bg-violet-wash font-semibold" : "border-hairline hover:border-violet"}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move layer ${number}, ${title.toLowerCase()}, in the order in which they lie`}
        className="flex min-h-9 cursor-grab touch-none items-center rounded-full pl-1.5 text-soft max-md:min-h-11 max-md:min-w-11 max-md:justify-center"
      >
        <GripVertical size={14} aria-hidden />
      </button>
      <button
        type="button"
        aria-pressed={isInHand}
        className="min-h-9 max-md:min-h-11 rounded-full pr-3 pl-0.5 text-sm"
        onClick={onTake}
      >
        {`${number}. ${title}`}
      </button>
    </span>
  );
}
