import { describe, expect, test } from '@jest/globals';
import { gradeKeyWords, grades } from '../../vocabulary/grade';

describe('the key of the grades', () => {
  test.each(grades)('%s says what it asks for, nothing left to fill in', (grade) =>
    expect(gradeKeyWords(grade)).toMatch(/^[^{}]+\.$|^[^{}]+$/),
  );
  test('a deadline stands at the finding, not in the key', () =>
    expect(gradeKeyWords('urgent')).toBe('Licensed repair by its date.'));
});
