/** A day of the Gregorian calendar. */
export type CivilDate = {
  readonly year: number;
  /** 1 … 12 */
  readonly month: number;
  readonly day: number;
  /** 0 Sunday … 6 Saturday */
  readonly weekday: number;
};

const DAYS_PER_WEEK = 7;
/** 1 January 1970 was a Thursday. */
const WEEKDAY_OF_FIRST = 4;
/** From 1 March of the year 0, with which years of this reckoning begin, to 1 January 1970. */
const DAYS_BEFORE_1970 = 719_468;
const DAYS_PER_ERA = 146_097;
const YEARS_PER_ERA = 400;

/**
 * The date of a day, counted from 1 January 1970. The core reads no clock and knows no time zone: this is arithmetic.
 * @source Gregorian calendar: 97 leap days in 400 years; years taken to begin in March, so that the leap day is the last
 */
export function civilDate(dayNumber: number): CivilDate {
  const days = dayNumber + DAYS_BEFORE_1970;
  const era = Math.floor(days / DAYS_PER_ERA);
  const ofEra = days - era * DAYS_PER_ERA;
  const yearOfEra = Math.floor(
    (ofEra - Math.floor(ofEra / 1460) + Math.floor(ofEra / 36_524) - Math.floor(ofEra / 146_096)) / 365,
  );
  const ofYear = ofEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  // From March on months have 31, 30, 31, 30, 31 days again and again.
  const fromMarch = Math.floor((5 * ofYear + 2) / 153);
  const month = fromMarch < 10 ? fromMarch + 3 : fromMarch - 9;
  return {
    year: yearOfEra + era * YEARS_PER_ERA + (month <= 2 ? 1 : 0),
    month,
    day: ofYear - Math.floor((153 * fromMarch + 2) / 5) + 1,
    weekday: (((dayNumber + WEEKDAY_OF_FIRST) % DAYS_PER_WEEK) + DAYS_PER_WEEK) % DAYS_PER_WEEK,
  };
}
