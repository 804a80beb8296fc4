/** The window that component tests run in: as wide as a phone until a test makes it wider. */
export const size = { width: 390, height: 844 };

/** Makes the window so wide. */
export function widen(width = 1280): void {
  size.width = width;
  window.dispatchEvent(new Event('resize'));
}
