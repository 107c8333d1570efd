// What is being typed is not written over. An answer that comes in while somebody types in a field would set the field to what it was
// before; here it waits, and is shown only where the field is left as it was found.

type Typed = HTMLInputElement | HTMLTextAreaElement;

/** For a field that shows a value of the book and sends what is typed when it is left: {@attach kept}. */
export function kept(field: Typed): () => void {
  const of = Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value');
  if (!of?.get || !of.set) return () => {};
  const show = of.set.bind(field);
  let typing = false;
  let held: string | null = null;
  Object.defineProperty(field, 'value', {
    configurable: true,
    get: of.get.bind(field),
    set: (value: string) => {
      if (typing && document.activeElement === field) held = value;
      else show(value);
    },
  });
  const typed = () => (typing = true);
  // It goes out as it stands; what was held was older.
  const sent = () => {
    typing = false;
    held = null;
  };
  const left = () => {
    if (typing && held !== null) show(held);
    sent();
  };
  field.addEventListener('input', typed);
  field.addEventListener('change', sent);
  field.addEventListener('blur', left);
  return () => {
    field.removeEventListener('input', typed);
    field.removeEventListener('change', sent);
    field.removeEventListener('blur', left);
    delete (field as { value?: string }).value;
  };
}
