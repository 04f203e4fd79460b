/** What can hurt somebody, each said where it belongs. Labels, local rules and professionals decide; Brenok advises. */
export const CAUTIONS = {
  hands:
    "Rest your hands before they hurt; dense stitches and thick needles strain them more. Ask a doctor about pain that stays.",
  steam: "Steam and irons burn, and some fibres melt: keep children away, and do as the label says.",
  fibres:
    "Wool, lanolin and dyes can irritate skin, and some fibres burn easily. With an allergy ask a doctor first.",
  babies:
    "For babies and small children: buttons, pompons, cords and loose yarn can choke. No loose blanket, hat or cushion belongs in a sleeping baby’s cot. Follow the rules where you live.",
} as const;

export type CautionId = keyof typeof CAUTIONS;
