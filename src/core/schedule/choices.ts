/** Most ways to serve one step that are laid out; a step of three entries over five people has sixty. */
export const mostChoices = 240;

/**
 * Every way to give each entry a resource of its list, all different, in order of the lists.
 * @returns the ways, and whether all of them are there
 */
export function distinctChoices(lists: readonly (readonly number[])[]): {
  ways: Int32Array[];
  complete: boolean;
} {
  const ways: Int32Array[] = [];
  let complete = true;
  const taken: number[] = [];
  const extend = (): void => {
    if (ways.length >= mostChoices) {
      complete = false;
      return;
    }
    const entry = taken.length;
    if (entry === lists.length) {
      ways.push(Int32Array.from(taken));
      return;
    }
    for (const resource of lists[entry]!) {
      if (taken.includes(resource)) continue;
      taken.push(resource);
      extend();
      taken.pop();
      if (!complete) return;
    }
  };
  extend();
  return { ways, complete };
}
