const focusable = 'button:not(:disabled), a[href], input:not(:disabled), select:not(:disabled), textarea:not(:disabled)'
const nameOf = (element: Element) => element.getAttribute('aria-label') ?? element.textContent.trim()

/**
 * Keeps the keyboard where it was when a page is drawn anew under it. A control that was only disabled for a moment gets the focus back;
 * one that was drawn elsewhere is found by its name; where it is gone for good, the focus stays in its list or form.
 */
export function keepFocus() {
  let last: { element: Element; name: string; around: Element[] } | null = null
  document.addEventListener('focusin', ({ target }) => {
    const element = target as Element
    const around: Element[] = []
    for (let each = element.parentElement; each; each = each.parentElement)
      if (each.matches('li, ul, ol, fieldset, form, section')) around.push(each)
    last = { element, name: nameOf(element), around }
  })
  // Who presses somewhere else wants the keyboard nowhere in particular.
  document.addEventListener('pointerdown', () => (last = null), true)
  new MutationObserver(() => {
    if (!last || document.activeElement !== document.body) return
    const { element, name, around } = last
    const again = element.isConnected
      ? element
      : ([...document.querySelectorAll(element.tagName)].find((each) => nameOf(each) === name) ??
        around.find((each) => each.isConnected)?.querySelector(focusable))
    if (again?.matches(focusable)) (again as HTMLElement).focus({ preventScroll: true })
  }).observe(document.body, { subtree: true, childList: true, attributeFilter: ['disabled'] })
}
