/** Hours (ms since 1970) to pixels. */
export type Scale = (time: number) => number
