const WORDS: Record<string, string> = { gone: 'gone', better: 'better', same: 'the same', worse: 'worse', new: 'new' };

export function outcomeWords(outcome: string): string {
  return WORDS[outcome] ?? outcome;
}
