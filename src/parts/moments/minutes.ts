/** Minutes after midnight as a time field takes them, `07:30`. The end of a day stands as midnight. */
export const timeValue = (minute: number): string =>
  `${String(Math.floor((minute % 1440) / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

/** What a time field gives, in minutes; null for one that is empty. */
export function minutesOf(value: string): number | null {
  const [, hours, minutes] = /^(\d{2}):(\d{2})$/.exec(value) ?? [];
  return hours === undefined ? null : Number(hours) * 60 + Number(minutes);
}
