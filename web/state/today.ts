/** Days as the maker's calendar has them: at midnight where the maker is, not in Greenwich. */
import { addDays, format } from 'date-fns';

/** Today, or a number of days later, as 2027-03-31. */
export const today = (later = 0, now = new Date()) => format(addDays(now, later), 'yyyy-MM-dd');
