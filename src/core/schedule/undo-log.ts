/** Numbers of changes, taken back last first; each change is a code and four figures. */
export class UndoLog {
  #data = new Float64Array(1280);
  #length = 0;

  get mark(): number {
    return this.#length;
  }

  push(code: number, a: number, b: number, c: number, d: number): void {
    if (this.#length + 5 > this.#data.length) {
      const larger = new Float64Array(this.#data.length * 2);
      larger.set(this.#data);
      this.#data = larger;
    }
    const data = this.#data;
    const length = this.#length;
    data[length] = code;
    data[length + 1] = a;
    data[length + 2] = b;
    data[length + 3] = c;
    data[length + 4] = d;
    this.#length = length + 5;
  }

  backTo(mark: number, undo: (code: number, a: number, b: number, c: number, d: number) => void): void {
    const data = this.#data;
    while (this.#length > mark) {
      const at = (this.#length -= 5);
      undo(data[at]!, data[at + 1]!, data[at + 2]!, data[at + 3]!, data[at + 4]!);
    }
  }

  clear(): void {
    this.#length = 0;
  }
}
