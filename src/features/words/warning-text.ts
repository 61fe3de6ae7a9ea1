/** A warning as a person reads it. */
export interface WarningText {
  grade: 'stop' | 'caution';
  text: string;
}
