/**
 * The control that a label names, found as a browser finds it: by the `for` of the label, or by `aria-label`.
 * Testing Library's own search asks every label for its control, which takes the page of the tests seconds
 * in a long form.
 * @throws where no control, or more than one, carries the label
 */
export function fieldOf(label: string): HTMLInputElement {
  const labels = [...document.querySelectorAll('label')].filter((each) => each.textContent.trim() === label);
  const named = labels.flatMap((each) => document.getElementById(each.htmlFor) ?? []);
  const found = new Set([...named, ...document.querySelectorAll(`[aria-label=${JSON.stringify(label)}]`)]);
  const [first] = found;
  if (!(first instanceof HTMLElement) || found.size !== 1)
    throw new Error(`“${label}” names ${found.size} controls, not one`);
  return first as HTMLInputElement;
}
