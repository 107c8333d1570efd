// Whether the book's fore-edge stands at the foot: a screen that shows it itself, as it would be, has it once.
export const foot = $state({ shown: true });
