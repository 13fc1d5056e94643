/** Who has gone on to something else meanwhile is not taken back to the button of what closed, nor out of what opened. */
export function letFocusBe(event: Event): void {
  if (document.activeElement !== null && document.activeElement !== document.body) event.preventDefault()
}
