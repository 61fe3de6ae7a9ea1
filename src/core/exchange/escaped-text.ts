/** Text of ours inside an SVG: what would be markup there is written as entities. */
export const escapedText = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
