/** Ids of rows of a job: unique in their table, readable, and never made from a name. */
export const sectionId = (number: string, key: string): string => `${number}/${key}`;
export const measuredId = (number: string, key: string): string => `${number}/${key}`;
export const surveyId = (number: string, key: string): string => `${number}/survey/${key}`;
export const ownPartId = (number: string, key: string): string => `${number}/own/${key}`;
/** Marks, readings, items of lists, log entries and added steps are numbered within their job. */
export const findingId = (number: string, id: string): string => `${number}/${id}`;
export const stepEditId = (number: string, step: string): string => `${number}/edit/${step}`;
export const signOffId = (number: string, step: string): string => `${number}/${step}`;
export const stepFactId = (number: string, step: string): string => `${number}/${step}`;
/** The id within the job. */
export const ownIdOf = (number: string, id: string): string => id.slice(number.length + 1);
