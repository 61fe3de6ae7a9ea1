/** Words of the shop, apart from its records, so that a concept can take them. */

export const skills = ['prep', 'metal', 'paint', 'polish', 'trim'] as const;
/** What a person is trusted with; a step asks for one of these. */
export type Skill = (typeof skills)[number];

export const placeKinds = ['booth', 'bay', 'wash', 'bench', 'yard'] as const;
export type PlaceKind = (typeof placeKinds)[number];

export const dayKinds = ['calendar', 'open'] as const;
/** How days of waiting for others are counted: all of them, or those on which the shop is open. */
export type DayKind = (typeof dayKinds)[number];

export const zones = ['stripping', 'sanding', 'clean', 'spray'] as const;
/** Rooms that exclude each other: dust of the first two has no place in the air of the others. */
export type Zone = (typeof zones)[number];
