// What is wrong with a screen as it stands: words on words or on strokes, targets under a finger's width, figures in metres.
() => {
  const wrong = []
  const boxes = (found) => [...found].map((e) => ({ words: e.textContent.trim(), e, r: e.getBoundingClientRect() }))
  const texts = boxes(document.querySelectorAll('svg text')).filter((t) => t.words !== '' && t.r.width > 0)
  const buttons = boxes(document.querySelectorAll('[data-testid=stage] button'))
  const all = [...texts, ...buttons]
  for (const [i, a] of all.entries())
    for (const b of all.slice(i + 1)) {
      const across = Math.min(a.r.right, b.r.right) - Math.max(a.r.left, b.r.left)
      const down = Math.min(a.r.bottom, b.r.bottom) - Math.max(a.r.top, b.r.top)
      if (across > 2 && down > 4) wrong.push(`words on words: ${a.words} / ${b.words}`)
    }
  const strokes = [...document.querySelectorAll('[data-testid=stage] path, [data-testid=stage] line')].filter((e) => {
    const style = getComputedStyle(e)
    return style.stroke !== 'none' && !e.closest('defs') && parseFloat(style.strokeWidth) >= 1.5
  })
  for (const e of strokes) {
    const to = e.getScreenCTM()
    for (let along = 0; along <= e.getTotalLength(); along += 4) {
      const at = e.getPointAtLength(along).matrixTransform(to)
      const under = texts.find(
        ({ r }) => at.x > r.left + 2 && at.x < r.right - 2 && at.y > r.top + 5 && at.y < r.bottom - 5,
      )
      if (under) {
        wrong.push(`a stroke through words: ${under.words}`)
        break
      }
    }
  }
  const hands = 'a, button, select, input, summary, textarea, [role=slider], [role=button], label:has(input[type=checkbox])'
  for (const e of document.querySelectorAll(hands)) {
    if (e.matches('input[type=checkbox], input[type=radio], .sr-only') || e.closest('[hidden]')) continue
    const { width, height } = e.getBoundingClientRect()
    if (width > 0 && height > 0 && Math.min(width, height) < 43.5)
      wrong.push(`${Math.round(width)}x${Math.round(height)}: ${e.getAttribute('aria-label') ?? e.textContent.trim()}`)
  }
  const metric = /\d\s?(m|cm|mm|km|kg|g|°C|m\/s)(?![\w/])/
  const shown = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
  while (shown.nextNode()) {
    const within = shown.currentNode.parentElement
    if (within.closest('script, style, details:not([open]) > :not(summary)')) continue
    if (metric.test(shown.currentNode.textContent)) wrong.push(`metric: ${shown.currentNode.textContent}`)
  }
  for (const field of document.querySelectorAll('input'))
    if (metric.test(field.value) && !field.closest('details:not([open])')) wrong.push(`metric: ${field.value}`)
  if (document.documentElement.scrollWidth > window.innerWidth + 1) wrong.push('wider than the screen')
  return wrong
}
