/** Longest wait for the fonts, in milliseconds; a page without them is better than none. */
const patience = 1_000

/** The two fonts that ship with the application, so that no line is broken anew after the first look. */
export const fonts = () =>
  Promise.race([
    Promise.all([
      document.fonts.load('1em "Figtree Variable"'),
      document.fonts.load('1em "Bricolage Grotesque Variable"'),
    ]),
    new Promise((resolve) => setTimeout(resolve, patience)),
  ])
