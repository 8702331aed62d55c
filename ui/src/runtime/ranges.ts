/** The index of the last number of a rising list that is not above another; -1 if all are. */
export function indexOf(rising: ArrayLike<number>, number: number): number {
  let low = 0;
  let high = rising.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (rising[middle]! <= number) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}
