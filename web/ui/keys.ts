/** Keys that belong to what has the focus. */

/** Whether text is written there, so that Ctrl+Z is the field's own. */
export const takesText = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, [contenteditable]') !== null;

/** Whether letters are taken there: in a text field, and in a list in which they jump. */
export const takesLetters = (target: EventTarget | null): boolean =>
  takesText(target) ||
  (target instanceof HTMLElement && target.closest('[role="combobox"], [role="listbox"], [role="menu"]') !== null);
