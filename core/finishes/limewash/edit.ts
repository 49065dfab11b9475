import { fillsPaint } from "../brokenColour";

export const editLimewash = () => fillsPaint("paint");
