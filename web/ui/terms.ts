/** Words of ours, each with what it means in a sentence or two. */
export const TERMS = {
  ripple:
    'How you get at a place from your seat, in rings like those on water: 1 with the lower arm, 2 with the whole arm, 3 by turning, 4 by standing up, 5 by walking, 6 with steps or from elsewhere.',
  zone: 'A part of the room for one activity: its seat, its furniture and what it needs. The letter is on every label.',
  home: 'Things that live together and go by one name, like “adhesives” or “blue thread”. A home has one place, or a run of neighbours.',
  named:
    'A place can be named when its label says what is in it: at most two homes, and most of each lies here or beside it. One or two things that lie apart are called by their own names.',
  grow: 'The share of every drawer and shelf that is left free, so that what comes next week has room.',
  kit: 'A box with all that one activity needs from afar: fetched once, opened on the table, put back once.',
  caution: 'Something to look at before you rely on it. Nothing stops you; errors in the room are said in red.',
  run: 'Neighbouring places that one home fills one after the other: the next drawer down, the next cube.',
  purge: 'Going through everything once and deciding: keep, give away, store elsewhere, or decide later.',
  balance:
    'What you own against what your furniture holds, before anything is placed: what is short here is short in any plan.',
  today: 'Where things lie now, as far as it is noted. What is not noted yet is left out of the figures.',
  guess:
    'A size or count that nobody measured. It is good enough for a first plan; correct it when you hold the thing.',
  tide: 'How full a place is, as a water level at its side; the small tick is the room that is kept free to grow.',
} as const;
export type Term = keyof typeof TERMS;
