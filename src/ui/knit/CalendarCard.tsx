"use client";
import { useState } from "react";
import { fileStem } from "@/core/files/projectFile";
import { knittingDays, rowsByDay, type ToWork } from "@/core/progress/calendar";
import type { Pace } from "@/core/progress/pace";
import { say } from "@/core/words/message";
import type { Piece } from "@/state/engine/knitting";
import { change, useProjectPart } from "@/state/project/projectStore";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";
import { Caution } from "@/ui/parts/Caution";
import { download } from "@/ui/parts/download";
import { FIELD_LOOK } from "@/ui/parts/fieldLook";
import { Said } from "@/ui/parts/Said";
import { toast } from "@/ui/parts/toast";

const WEEK = [
  [1, "Mo", "Monday"],
  [2, "Tu", "Tuesday"],
  [3, "We", "Wednesday"],
  [4, "Th", "Thursday"],
  [5, "Fr", "Friday"],
  [6, "Sa", "Saturday"],
  [0, "Su", "Sunday"],
] as const;

/** Today where the knitter is, as calendars write it. */
function today(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}

const toWorkOf = (pieces: readonly Piece[]): readonly ToWork[] =>
  pieces
    .filter(({ rows, all, finished }) => !finished && rows < all)
    .map(({ key, rows, all }) => ({ key, from: rows + 1, to: all }));

interface CalendarCardProps {
  readonly pieces: readonly Piece[];
  readonly pace: Pace | null;
}

/** By when it is to be done: rows a day, with days of rest for the hands. */
export function CalendarCard({ pieces, pace }: CalendarCardProps) {
  const { by, restDays } = useProjectPart((project) => project.calendar);
  const name = useProjectPart((project) => project.name);
  const [from] = useState(today);
  const toWork = toWorkOf(pieces);
  const rows = toWork.reduce((sum, one) => sum + one.to - one.from + 1, 0);
  const days = by === null ? [] : knittingDays(from, by, restDays);
  if (rows === 0) return null;
  const save = async () => {
    const { calendarOf } = await import("./calendarFile");
    const nameOf = (key: string) => pieces.find((one) => one.key === key)?.name ?? "";
    const text = calendarOf(rowsByDay(toWork, days), { name, nameOf });
    if (text === null) toast.error("The days could not be written into a calendar file");
    else download(`${fileStem(name) || "project"}.ics`, new Blob([text], { type: "text/calendar" }));
  };
  return (
    <Card title="By when">
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <label className="text-sm">
          To be done by
          <input
            type="date"
            min={from}
            value={by ?? ""}
            onChange={({ target }) =>
              change("by when", (project) => {
                project.calendar.by = target.value === "" ? null : target.value;
              })
            }
            className={FIELD_LOOK}
          />
        </label>
        <fieldset>
          <legend className="text-sm">Days of rest</legend>
          <div className="mt-0.5 flex flex-wrap gap-1">
            {WEEK.map(([day, short, long]) => (
              <Button
                key={day}
                size="small"
                aria-label={long}
                aria-pressed={restDays.includes(day)}
                className="aria-pressed:bg-ink aria-pressed:text-paper"
                onClick={() =>
                  change("days of rest", (project) => {
                    const { calendar } = project;
                    calendar.restDays = calendar.restDays.includes(day)
                      ? calendar.restDays.filter((one) => one !== day)
                      : [...calendar.restDays, day];
                  })
                }
              >
                {short}
              </Button>
            ))}
          </div>
        </fieldset>
      </div>
      {by !== null && (
        <div className="mt-2">
          <p className={days.length === 0 ? "text-madder" : "font-semibold"}>
            <Said>
              {days.length === 0
                ? say("noDaysLeft")
                : say("rowsADay", {
                    rows,
                    days: days.length,
                    quickMs: pace?.rowMs.quick ?? null,
                    slowMs: pace?.rowMs.slow ?? null,
                  })}
            </Said>
          </p>
          <Caution of="hands" />
          {days.length > 0 && (
            <Button size="small" className="mt-2" onClick={() => void save()}>
              Save the days as a calendar file
            </Button>
          )}
        </div>
      )}
    </Card>
  );
}
