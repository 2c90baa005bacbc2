/**
 * A pure and costly function that keeps its last answers, by what it was asked: the same question in the same
 * session costs nothing. What it is asked must be plain data (numbers, texts, lists).
 * @param most answers kept; the one not asked for longest is forgotten first
 */
export function remembered<Asked extends readonly unknown[], Answer>(
  work: (...asked: Asked) => Answer,
  most: number,
): (...asked: Asked) => Answer {
  const answers = new Map<string, Answer>();
  return (...asked) => {
    const key = JSON.stringify(asked);
    const answer = answers.has(key) ? (answers.get(key) as Answer) : work(...asked);
    answers.delete(key);
    answers.set(key, answer);
    const [oldest] = answers.keys();
    if (answers.size > most && oldest !== undefined) answers.delete(oldest);
    return answer;
  };
}
