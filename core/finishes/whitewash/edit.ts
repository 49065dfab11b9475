import { fillsPaint } from "../brokenColour";

export const editWhitewash = () => fillsPaint("paint");
