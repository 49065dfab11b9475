import { north, tidy, type Editing, type SpecChange } from "../editing";
import { fillPrints } from "../fillPrints";
import type { StencilBorderLayout } from "./layout";
import { alongLeg } from "./legs";

/** The border goes up and down by the middle of its first leg: its level, or how far it is off what it follows. */
export function editStencilBorder({ spec: { along }, legs, places, sheet }: StencilBorderLayout): Editing {
  const tools = [fillPrints(places, sheet)];
  const [first] = legs;
  if (!first) return { handles: [], tools };
  const { at } = alongLeg(first, first.length / 2);
  const moveTo = (y: number): SpecChange => {
    const change = (key: string, to: number) => ({ path: ["along"], set: { [key]: tidy(to) } });
    if ("level" in along) return change("level", y);
    if ("below" in along) return change("by", along.by + at.y - y);
    return "around" in along
      ? change("gap", along.gap + y - at.y)
      : change("inside", along.inside + at.y - y);
  };
  return {
    handles: [{ id: "way", name: "the border", at, along: north, path: [], moveTo: ({ y }) => moveTo(y) }],
    tools,
  };
}
