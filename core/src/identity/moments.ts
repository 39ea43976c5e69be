/** A day on the wall calendar, without a zone: "2026-11-27". */
export type LocalDate = `${number}-${number}-${number}`;

/** A time of day on the wall clock: "18:30". */
export type LocalTime = `${number}:${number}`;

/** A day and a time on the wall, without a zone: "2026-11-27T18:30". */
export type LocalDateTime = `${LocalDate}T${LocalTime}`;

/** The day of a local date-time. */
export function dateOf(local: LocalDateTime): LocalDate {
  return local.slice(0, 10) as LocalDate;
}

/** The time of day of a local date-time. */
export function timeOf(local: LocalDateTime): LocalTime {
  return local.slice(11, 16) as LocalTime;
}
