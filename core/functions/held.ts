/** How long a hand is at a thing, ms. */

/** A button stays pressed as long as a thumb does. */
export const PRESS_MS = 600;
/** A lever is held down, and a bar pushed, this long by whoever walks through. */
export const LEVER_MS = 800;
/** A touchless sensor keeps its contact closed this long after the hand is gone. */
export const SENSED_MS = 1000;
