/** One step of the first walk: where it is, what is shown lit, and what is said of it. */
export interface WalkStep {
  stage: string;
  /** What is lit, by a selector of the page. */
  lit: string;
  title: string;
  words: string;
}

/** Round a build in five steps. */
export const WALK: WalkStep[] = [
  {
    stage: "build-up",
    lit: 'section[aria-label="Plan"]',
    title: "The base from above",
    words: "Tap a part to light it, drag it, pull its grips, or draw a new one. Everything else is worked out anew as you do.",
  },
  {
    stage: "build-up",
    lit: '[aria-label^="Section"]',
    title: "The same base, cut through",
    words: "Where the line A–A′ crosses the plan: sheets, paste and water to scale. Drag the line to cut elsewhere, or the water's level.",
  },
  {
    stage: "build-up",
    lit: '[aria-label="Drying line"]',
    title: "What is wet, and until when",
    words: "A row for each part: your hands, then wet, curing and ready. The thick line is the chain that sets the date.",
  },
  {
    stage: "build-up",
    lit: '[aria-label="Snags"]',
    title: "What would go wrong",
    words: "Each snag says what happens and offers its fix, drawn on the plan before you take it. Some are meant: say so, and it is quiet.",
  },
  {
    stage: "order",
    lit: "main",
    title: "What to do, sitting by sitting",
    words: "Each step with a picture of the base after it, its mix and its drying. At the bench it is ticked off, and the dates follow.",
  },
];
