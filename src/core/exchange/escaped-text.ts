/** Text of ours inside an SVG: signs that would be markup are taken out, since our own reader takes no entities. */
export const escapedText = (text: string): string => text.replace(/&/g, 'and').replace(/[<>"]/g, ' ');
