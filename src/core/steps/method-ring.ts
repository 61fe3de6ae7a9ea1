/** Operations of the catalogue wait for each other in a ring on some section. */
export class MethodRing extends Error {}
