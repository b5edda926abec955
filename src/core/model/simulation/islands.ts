/** Which joints hang together: a forest over names, joined one pair at a time. */
export class Islands {
  private readonly above = new Map<string, string>();

  /** The joint that stands for the island of this one. */
  of(joint: string): string {
    let at = joint;
    for (let next = this.above.get(at); next !== undefined; next = this.above.get(at)) at = next;
    if (at !== joint) this.above.set(joint, at);
    return at;
  }

  /** Joins two; false where they hung together already. */
  join(a: string, b: string): boolean {
    const [first, second] = [this.of(a), this.of(b)];
    if (first === second) return false;
    this.above.set(second, first);
    return true;
  }
}
