import type { Catalogue } from './catalogue';
import type { Step } from './step';

/** Work that is a look: it ends with what was seen. */
export const isLook = ({ operation }: Pick<Step, 'operation'>, entries: Catalogue): boolean =>
  entries.get(operation)?.does.includes('inspect') ?? false;
