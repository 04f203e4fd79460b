interface BallMarksProps {
  readonly balls: number;
  readonly ballMm: number;
  readonly share: (mm: number) => string;
  /** Whether nothing is left out; else no ball is the last that is needed. */
  readonly whole: boolean;
  /** Whether there is room for their numbers; a phone has none. */
  readonly numbered: boolean;
}

/** More marks than this would run into one another; then only every so many are drawn. */
const MOST_MARKS = 12;

/** Where each ball ends on the strand; the last of those to buy stands out. */
export function BallMarks({ balls, ballMm, share, whole, numbered }: BallMarksProps) {
  const step = Math.ceil(balls / MOST_MARKS);
  const marks = Array.from({ length: balls }, (_, index) => index + 1).filter(
    (ball) => ball === balls || (ball % step === 0 && balls - ball >= step),
  );
  return (
    <ol aria-label="Where each ball ends">
      {marks.map((ball) => (
        <li
          key={ball}
          className={`pointer-events-none absolute -translate-x-1/2 ${numbered ? "top-0 max-md:top-1.5" : "top-1.5"}`}
          style={{ left: share(ball * ballMm) }}
        >
          <span
            aria-hidden
            className={`coloured absolute -top-1 left-1/2 h-5 w-0.5 -translate-x-1/2 md:h-6 ${whole && ball === balls ? "bg-madder" : "bg-ink"}`}
          />
          <span
            className={
              numbered
                ? `coloured relative -top-5 grid h-5 min-w-5 place-items-center rounded-full border px-1 text-xs font-semibold max-md:sr-only max-md:min-w-0 ${whole && ball === balls ? "border-madder bg-madder text-paper" : "border-ink bg-card"}`
                : "sr-only"
            }
          >
            <span className="sr-only">end of ball </span>
            {ball}
          </span>
        </li>
      ))}
    </ol>
  );
}
