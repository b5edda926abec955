import * as v from 'valibot';

/** Where input does not fit: the path into it, what was expected, what was there. */
export interface Fault {
  path: string;
  expected: string;
  got: string;
}

export type Parsed<T> = { ok: true; value: T } | { ok: false; faults: Fault[] };

/** Lists Valibot issues as faults. `at` is put before each path. */
export function faultsOf(issues: readonly v.BaseIssue<unknown>[], at = ''): Fault[] {
  return issues.map((issue) => ({
    path: [at, v.getDotPath(issue) ?? ''].filter(Boolean).join('.') || 'the whole',
    expected:
      issue.expected && issue.expected !== 'unknown' && !/^[/(]/.test(issue.expected)
        ? issue.expected
        : issue.message,
    got: issue.received.length > 80 ? `${issue.received.slice(0, 77)}...` : issue.received,
  }));
}

export function describeFault(fault: Fault): string {
  return `${fault.path}: expected ${fault.expected}, got ${fault.got}`;
}
