/** Keys that belong to what has the focus. */

/** Whether text is written there, a field of text. */
const takesText = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, [contenteditable]') !== null;

/** Whether something is being typed that is not kept yet: Ctrl+Z takes letters back there, and steps everywhere else. */
export const isTyping = (target: EventTarget | null): boolean =>
  takesText(target) && !(target as HTMLElement).matches('[data-kept]');

/** Whether letters are taken there: in a text field, and in a list in which they jump. */
export const takesLetters = (target: EventTarget | null): boolean =>
  takesText(target) ||
  (target instanceof HTMLElement && target.closest('[role="combobox"], [role="listbox"], [role="menu"]') !== null);
