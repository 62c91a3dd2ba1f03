import { describe, expect, it } from 'vitest';
import { fieldMessages, ProblemError, readProblem } from './problem';

describe('a problem', () => {
  it('keeps the words and pointers of the server', () => {
    const problem = readProblem(
      { code: 'record.rejected', title: 'No.', problems: [{ pointer: '/made/pour.temperature', code: 'q', message: 'Too cold.' }] },
      422,
    );
    expect(problem).toMatchObject({ status: 422, code: 'record.rejected', title: 'No.' });
    expect(fieldMessages(new ProblemError(problem))).toEqual({ '/made/pour.temperature': 'Too cold.' });
  });

  it('says something useful when the answer is not ours', () => {
    expect(readProblem('<html>502</html>', 502)).toMatchObject({ status: 502, code: 'http.502', problems: [] });
    expect(readProblem(null, 504).title).toContain('kept on this screen');
  });

  it('carries the fields that clash, so that both sides can be shown', () => {
    expect(readProblem({ title: 'Changed elsewhere.', clashes: [{ field: 'note' }] }, 409).clashes).toEqual([{ field: 'note' }]);
  });

  it('shows the first complaint of a field, not the last', () => {
    const twice = [
      { pointer: '/name', code: 'a', message: 'Give it a name.' },
      { pointer: '/name', code: 'b', message: 'Shorter.' },
    ];
    expect(fieldMessages(new ProblemError(readProblem({ problems: twice }, 422)))).toEqual({ '/name': 'Give it a name.' });
    expect(fieldMessages(new Error('something else'))).toEqual({});
  });
});
