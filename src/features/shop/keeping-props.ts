/** What is kept safe, as the manager sees it. */
export interface KeepingProps {
  /** Null for who makes no backups. */
  backups: {
    folder: string;
    /** How long ago the newest was made, in words; null where there is none. */
    age: string | null;
    /** Older than a day and a half. */
    isOld: boolean;
    files: { file: string; made: string; size: string }[];
  } | null;
  trash: { id: string; job: string; label: string; by: string; put: string; ends: string }[];
  jobs: { number: string; name: string; owner: string }[];
  /** Processes that serve this database. */
  instances: { id: string; bound: string; since: string; seen: string }[];
}
