/** How things are done that are no stitch: casting on and off, joining, sewing, blocking. Loaded when it is asked for. */
import type { Teller } from "../teller";

interface TechniqueWords {
  readonly name: string;
  /** One after the other, a sentence each. */
  readonly steps: readonly string[];
  /** How one sees that it is right, or what goes wrong. */
  readonly mind: string;
}

type Told = (teller: Teller) => TechniqueWords;

/** One more technique is one more row; its drawing and its yarn stand in `knitting/techniques.ts`. */
export const techniques = {
  castOnLongTail: ({ fine }) => ({
    name: "Long-tail cast-on",
    steps: [
      "Measure off the tail, with a hand's length more.",
      "Make a slip knot there, and put it on the right needle: the first stitch.",
      "Hold the tail round the thumb and the yarn from the ball over the forefinger.",
      "Go up into the loop on the thumb, catch the yarn from the forefinger, and draw it through.",
      "Let the loop off the thumb and tighten it under the needle. Go on until all stitches are there.",
    ],
    mind: `Leave some ${fine(3)} between stitches: a tight edge pulls the whole piece in.`,
  }),
  castOnTwoNeedles: () => ({
    name: "Long-tail cast-on over two needles",
    steps: [
      "Hold two needles of the size together as one.",
      "Cast on over both as with a long tail.",
      "Draw one of them out before the first row.",
    ],
    mind: "It takes some more tail: each stitch goes round both needles. For edges that must stretch over a head or a heel.",
  }),
  castOnKnitted: () => ({
    name: "Knitted cast-on",
    steps: [
      "Put a slip knot on the left needle.",
      "Knit into it, and leave it on the needle.",
      "Put the new loop onto the left needle, twisted or not, but all alike.",
      "Knit into the loop that is now first, and go on.",
    ],
    mind: "No tail to measure, so it is good for stitches that are added within a piece. The edge is loose.",
  }),
  castOnCable: () => ({
    name: "Cable cast-on",
    steps: [
      "Begin with two stitches, knitted on.",
      "Put the right needle between the first two on the left needle.",
      "Draw a loop through, and put it onto the left needle.",
      "Go on between the two that are now first.",
    ],
    mind: "Firm, like a cord. Draw the loop up before the needle goes in again, or the next one will not fit.",
  }),
  castOnTubular: () => ({
    name: "Tubular cast-on",
    steps: [
      "Take the smaller needle, and cast on half of the stitches in waste yarn.",
      "In the yarn of the work: knit one, yarn over, all along; the last stitch is knitted.",
      "Knit each knit stitch and slip each yarn over with the yarn in front.",
      "Next row the other way round: slip the knit ones with the yarn in front, purl the others. Both rows once more.",
      "Go on in rib, on the needle of the rib, and take the waste yarn out.",
    ],
    mind: "The four set-up rows count as two. The edge looks as if it had no beginning and stretches with the rib.",
  }),
  joinRound: () => ({
    name: "Joining in the round without a twist",
    steps: [
      "Spread the stitches over the whole needle, and lay it down.",
      "Turn the cast-on edge inward all along, and look that it winds nowhere over the needle.",
      "Put a marker on the right needle.",
      "Work the first stitch from the left needle, and draw the yarn up.",
      "Look once more after the first round: until then it can be turned back.",
    ],
    mind: "A twist cannot be mended later. One more stitch, cast on and worked together with the first one, hides the step.",
  }),
  castOffPlain: ({ CastOff, castOffEdge }) => ({
    name: `Plain ${castOffEdge}`,
    steps: [
      "Work two stitches as they show.",
      "Lift the first one over the second, off the needle.",
      "Work one more, and lift again, until one is left.",
      "Cut the yarn, and draw it through.",
    ],
    mind: `${CastOff} over cables as wide as they lie: work two together at the top of each rope, or the edge flares. A needle one size larger keeps it loose.`,
  }),
  castOffThreeNeedle: ({ castOffEdge }) => ({
    name: `Three-needle ${castOffEdge}`,
    steps: [
      "Hold both needles side by side, right sides together.",
      "Put a third needle through the first stitch of both, and knit them as one.",
      "Do so with the next two, and lift the first over the second.",
      "Go on to the end, and draw the yarn through.",
    ],
    mind: "Both sides must have as many stitches. It makes a ridge inside that holds a shoulder well.",
  }),
  castOffSewn: ({ castOffEdge }) => ({
    name: `Sewn ${castOffEdge}`,
    steps: [
      "Cut the yarn at three and a half times the width, and thread a blunt needle.",
      "Go through the first two stitches as if to purl, and draw the yarn through.",
      "Go back through the first one as if to knit, and let it off.",
      "Repeat to the end. In rib, go to the knit ones and the purl ones in turn.",
    ],
    mind: "Stretches as far as a rib does. Draw up evenly: each stitch as wide as those below it.",
  }),
  castOffGathered: () => ({
    name: "Drawn together",
    steps: [
      "Cut the yarn, and thread a blunt needle.",
      "Go through all stitches that are left, and let them off the needle.",
      "Go round once more, and draw the hole shut.",
      "Weave the end in on the wrong side, across the hole.",
    ],
    mind: "Draw slowly, a little at a time: the yarn breaks where it is pulled at once.",
  }),
  graft: () => ({
    name: "Grafting",
    steps: [
      "Hold both needles side by side, wrong sides together, the yarn at the back one's end.",
      "Front needle: through the first stitch as if to knit, and off; through the next as if to purl, and leave it.",
      "Back needle: through the first as if to purl, and off; through the next as if to knit, and leave it.",
      "Repeat to the end, and then draw each loop to the size of its neighbours.",
    ],
    mind: "A grafted row is half a stitch off where both sides come from the same end: in rib and cables that shows.",
  }),
  increaseAboveRib: () => ({
    name: "More stitches above a rib",
    steps: [
      "Work the last rib row, and count what each panel wants.",
      "On the next row pick up the bar between two stitches, and work it twisted, where the new ones shall stand.",
      "Put most of them under ropes, one beside each of their strands, and none at the edges.",
      "Count between markers before you go on.",
    ],
    mind: "Cables draw in: without more stitches the piece is narrower above its rib than in it.",
  }),
  decreaseAfterCables: ({ castOffEdge }) => ({
    name: "Fewer stitches after cables",
    steps: [
      "On the last row before the edge, work two together in the middle of each rope.",
      "Take away as many as were added above the rib.",
      "Go on in rib, or work the edge.",
    ],
    mind: `Without it the ${castOffEdge} waves: cables have more stitches over the same width.`,
  }),
  decreaseAtCrossing: () => ({
    name: "Decreasing inside the last crossing",
    steps: [
      "Hold the stitches for the crossing as always.",
      "Work the first of the strand in front together with the first of the one behind, then the next two, until they are used up.",
      "Go on with the row: the rope ends in a point.",
    ],
    mind: "Take one from each strand at a time, so that the one in front stays on top.",
  }),
  shapeAtEdge: () => ({
    name: "Decreasing and increasing beside cables",
    steps: [
      "Keep one or two plain stitches at the edge.",
      "At the right edge, work ssk behind them; at the left one, k2tog ahead of them.",
      "As long as a rope has stitches enough, cross it; with fewer, work its stitches plain.",
    ],
    mind: "A crossing over half a rope pulls a hole into the edge.",
  }),
  bobble: () => ({
    name: "Bobbles",
    steps: [
      "Work several times into one stitch, front and back in turn, as often as the pattern says.",
      "Turn, and purl them; turn, and knit them, as many rows as it says.",
      "Lift all others over the first, or work them together.",
      "Draw the next stitch up firmly.",
    ],
    mind: "The stitches beside it stretch: a purl on either side keeps it on top.",
  }),
  nupp: () => ({
    name: "Nupps",
    steps: [
      "Knit one and leave it, yarn over, knit the same again, until there are five or seven loops, drawn out long.",
      "On the way back purl all of them together.",
    ],
    mind: "Loose loops are all of it. Where the needle will not go in, draw the yarn through with a thin hook.",
  }),
  slippedEdge: () => ({
    name: "Slipped edges",
    steps: [
      "Slip the first stitch of each row as if to purl, the yarn in front.",
      "Bring the yarn to the back, and work the row.",
      "Knit the last stitch.",
    ],
    mind: "One chain link for two rows: good to pick up from, and to see in rows. Not for edges that are sewn in garter.",
  }),
  pickUp: () => ({
    name: "Picking up stitches",
    steps: [
      "Mark the edge into quarters, and put a quarter of the stitches into each.",
      "From the right side, go in a whole stitch from the edge.",
      "Draw a loop of the yarn through, and leave it on the needle.",
      "Along rows, take three stitches out of four rows; along stitches, one out of each.",
    ],
    mind: "Not into the outermost thread: it opens into holes. Along a rope take fewer: its rows lie closer.",
  }),
  seamStockinette: ({ stockinette }) => ({
    name: `Mattress seam in ${stockinette}`,
    steps: [
      "Lay both edges side by side, right sides up.",
      "Go under two bars between the first and the second stitch of one edge.",
      "Go under two bars at the same height of the other.",
      "After some stitches draw up until the edges meet, not until they pucker.",
    ],
    mind: "Pin the ends and the middle first, and cables to their cables.",
  }),
  seamGarter: () => ({
    name: "Seam in garter stitch",
    steps: [
      "Lay both edges side by side.",
      "Go through the lower loop of a ridge at one edge.",
      "Go through the upper loop of the ridge at the other.",
      "Draw up lightly: the ridges run on across the seam.",
    ],
    mind: "One ridge for each: it lies flat and has no inside.",
  }),
  seamRowsToStitches: () => ({
    name: "Seam of rows to stitches",
    steps: [
      "Lay the ended stitches below the edge of rows.",
      "Go under the two legs of one stitch.",
      "Go under one bar of the other edge; under two as often as the rows outnumber the stitches.",
      "Draw up until it lies flat.",
    ],
    mind: "Mostly four rows for three stitches: the finishing list says it for your gauge.",
  }),
  colourAtBorder: () => ({
    name: "Changing colour at a border",
    steps: [
      "Work up to the border.",
      "Lay the old yarn over the new one, to the left.",
      "Take up the new one from below, and go on.",
      "On the way back do the same on the wrong side.",
    ],
    mind: "Without the twist there is a slit. Each area hangs on its own ball.",
  }),
  tubeTwoColours: () => ({
    name: "A tube in two colours, back and forth",
    steps: [
      "Work the first colour round to its border.",
      "Twist both yarns, and work the second colour to the first one's beginning.",
      "Join there: twist again, turn, and go back all the way round.",
      "Each round is worked in turns from one side and the other, like a row.",
    ],
    mind: "It is a tube, yet has right and wrong side rows: read the chart as for rows.",
  }),
  joinKnot: ({ fine }) => ({
    name: "Joining a ball with ends to weave in",
    steps: [
      "Leave the old end at the edge, a hand long.",
      "Begin the row with the new yarn, a hand of it left hanging.",
      "After some rows draw both up, and tie them once, loosely.",
      "Undo the knot when you weave in.",
    ],
    mind: `Holds in every yarn. A knot that is left works through to the right side: leave none over ${fine(2)}.`,
  }),
  joinSplice: () => ({
    name: "Splicing",
    steps: [
      "Untwist both ends for a hand's length, and thin them.",
      "Lay them over one another, wet them, and rub them between the palms until they hold.",
      "Let it dry, and knit on.",
    ],
    mind: "Only for wool that felts: not for plants, silk, or wool made to be washed by machine.",
  }),
  joinOverlap: () => ({
    name: "Joining by overlap",
    steps: [
      "Lay the new yarn along the old for a hand's length.",
      "Work some six stitches with both.",
      "Let the old one go, and work on with the new.",
      "On the way back take both strands of each as one stitch.",
    ],
    mind: "Thicker for half a dozen stitches: put it where nothing crosses.",
  }),
  weaveIn: () => ({
    name: "Weaving in ends",
    steps: [
      "Wash or wet the piece first: ends slip least in fabric that has settled.",
      "Thread the end, and follow the purl bumps of one row for a hand's length.",
      "Turn, and go back under the next row for some stitches.",
      "Stretch the fabric once, and cut.",
    ],
    mind: "Behind a rope, or along a seam, nobody ever sees it.",
  }),
  purlBesideCable: () => ({
    name: "The purl beside a cable",
    steps: [
      "Work the last stitch of the rope.",
      "Bring the yarn forward, and draw it up before you purl.",
      "Purl tightly, and take up the slack again at the stitch behind it.",
    ],
    mind: "The loose column at a rope's left is yarn from knit to purl. Wrapping the first purl the other way, and working it through the back on the next row, takes it up too.",
  }),
  blockWater: () => ({
    name: "Washing and pinning out",
    steps: [
      "Lay the piece in lukewarm water for half an hour.",
      "Press it out in a towel; never wring it.",
      "Lay it flat, and pin it to its measures; cables by their edges, not over them.",
      "Let it dry before the pins come out.",
    ],
    mind: "Try it on the swatch first: some yarns grow, and superwash wool grows most. Ribs are not pinned.",
  }),
  blockSteam: () => ({
    name: "Steaming",
    steps: [
      "Lay the piece flat on a towel, wrong side up, to its measures.",
      "Hold the iron a finger's breadth above it, and let the steam go in.",
      "Smooth it by hand, and let it cool before it is moved.",
    ],
    mind: "Never touch the wool with the iron; acrylic goes limp for good. Cables lie flatter afterwards.",
  }),
} as const satisfies Record<string, Told>;

export type TechniqueId = keyof typeof techniques;
