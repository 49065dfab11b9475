import { fillsPaint } from "../brokenColour";

export const editPearl = () => fillsPaint("paint");
