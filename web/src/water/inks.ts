/** Colours and letters of what is drawn on the picture of the water. */
export const INK = '#17211b'
export const FOAM = '#f4f3ea'
export const SLATE = '#5b6b66'
export const LICHEN = '#c6c24e'
export const MOSS = '#4d6b3c'
export const RUST = '#b6482b'
export const FONT = '14px "Atkinson Hyperlegible Next Variable", sans-serif'
export const MONO = '14px "Atkinson Hyperlegible Mono Variable", monospace'
