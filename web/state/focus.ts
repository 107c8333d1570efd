// The focus stays where it was: what is removed or switched off while it has it hands it to what stands nearest in the same list or group;
// where there is nothing, to the part of the screen it was in, so that the next Tab goes on from there and no key does what nobody meant.

const CAN_HAVE_IT =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex="0"]';
const GROUPS = 'ul, ol, table, fieldset, form, details, dialog, [role=group]';
const PARTS = 'dialog, aside, main, header, footer';

/** What could take the focus over from an element: in each list or group it is in, what comes behind it, then what stands before it. */
export function nearby(from: Element): Element[] {
  const found = new Set<Element>();
  const part = from.closest(PARTS);
  for (let group = from.parentElement?.closest(GROUPS); group && part?.contains(group); group = group.parentElement?.closest(GROUPS)) {
    const all = [...group.querySelectorAll(CAN_HAVE_IT)].filter((one) => !from.contains(one) && !one.contains(from));
    const isBehind = (one: Element) => (from.compareDocumentPosition(one) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0;
    for (const one of [...all.filter(isBehind), ...all.filter((other) => !isBehind(other)).reverse()]) found.add(one);
  }
  return [...found];
}

export function keepFocus() {
  let last: Element | null = null;
  let around: Element[] = [];
  let part: Element | null = null;
  document.addEventListener('focusin', (event) => {
    last = event.target as Element;
    around = nearby(last);
    part = last.closest(PARTS);
  });
  // Whoever clicks beside everything takes it away.
  document.addEventListener('pointerdown', (event) => {
    if (last && !(event.target as Element).closest(CAN_HAVE_IT)) last = null;
  });
  const usable = (one: Element) => one.isConnected && one.matches(CAN_HAVE_IT) && one.getClientRects().length > 0;
  new MutationObserver(() => {
    const now = document.activeElement;
    if (last === null || (now !== null && now !== document.body) || usable(last)) return;
    const place = part?.isConnected && part.getClientRects().length > 0 ? part : document.querySelector('main');
    const next = around.find(usable) ?? place;
    if (!(next instanceof HTMLElement || next instanceof SVGElement)) return;
    if (next === place) next.setAttribute('tabindex', '-1');
    next.focus({ preventScroll: true });
  }).observe(document.body, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled', 'hidden', 'open'] });
}
