// Marks that forums and notes put around words: bold, links, boxes to tick. They say nothing of a part.

/** Each with what stays of it. */
const MARKS: readonly (readonly [RegExp, string])[] = [
  [/\[(?:b|i|u|s|list|quote|code|size|color|url)(?:=[^\]\s]*)?\]|\[\/[a-z]+\]/gi, ''],
  [/!?\[([^\]]+)\]\((?:https?:|\/|#)[^)\s]*\)/g, '$1'],
  [/<\/?(?:b|i|u|strong|em|p|li|ul|br|span|td|tr|a)(?:\s[^<>]*)?\/?>/gi, ''],
  [/(\*\*|__|~~)(?=\S)([^*_~]+)(?<=\S)\1/g, '$2'],
  [/(^|\s)\*(?=[^\s*])([^*]+)(?<=\S)\*(?=[\s:,.]|$)/g, '$1$2'],
  [/^(\s*(?:[-*•]\s+)?)(?:\[[ xX]?\]|[☐☑✓✔✗])\s+/, '$1'],
  [/\(?\bhttps?:\/\/\S+/g, ''],
]

/** A line without such marks. */
export const withoutMarks = (line: string): string =>
  /[[*_~<☐☑✓✔✗]|https?:/.test(line)
    ? MARKS.reduce((text, [mark, stays]) => text.replace(mark, stays), line)
    : line

/** What a point of a list begins with. */
export const BULLET = /^\s*(?:[•·▪‣–—]|-(?=\s)|\*(?=\s)|>\s)\s*/
