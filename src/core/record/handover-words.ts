/** Words of the handover, apart from its records, so that a concept can take them. */

/** Where the object stands once it is delivered: what its care follows from. */
export const keptPlaces = ['garage', 'roof', 'open', 'coast', 'hangar', 'afloat'] as const;
export type KeptPlace = (typeof keptPlaces)[number];

/** How much of hours and money the file tells that goes with the object. */
export const moneyDepths = ['none', 'sums', 'phases', 'lines'] as const;
export type MoneyDepth = (typeof moneyDepths)[number];

/** What is known of where a piece comes from. */
export const provenanceKinds = ['number', 'stamp', 'original', 'replaced', 'reference'] as const;
export type ProvenanceKind = (typeof provenanceKinds)[number];

/** What became of something that the owner decides. */
export const decisionAnswers = ['open', 'chosen', 'refused'] as const;
export type DecisionAnswer = (typeof decisionAnswers)[number];

/** What a photo is of. */
export const photoTags = ['before', 'found', 'hidden', 'number', 'repair', 'work', 'finished'] as const;
export type PhotoTag = (typeof photoTags)[number];
