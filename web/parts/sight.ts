// What is told when it comes into sight, or is about to, and when it goes out of it again.

type Told = (seen: boolean) => void;

const told = new WeakMap<Element, Told>();

const sight = new IntersectionObserver(
  (entries) => {
    for (const entry of entries) told.get(entry.target)?.(entry.isIntersecting);
  },
  // Of what scrolls, a page's height beyond either end.
  { rootMargin: '400px', scrollMargin: '400px' } as IntersectionObserverInit,
);

/** @returns what ends it */
export function inSight(element: Element, tell: Told): () => void {
  told.set(element, tell);
  sight.observe(element);
  return () => {
    sight.unobserve(element);
    told.delete(element);
  };
}

const sized = new WeakMap<Element, () => void>();

const sizes = new ResizeObserver((entries) => {
  for (const entry of entries) sized.get(entry.target)?.();
});

/** Told when it has another size, and once at the beginning. @returns what ends it */
export function resized(element: Element, tell: () => void): () => void {
  sized.set(element, tell);
  sizes.observe(element);
  return () => {
    sizes.unobserve(element);
    sized.delete(element);
  };
}
