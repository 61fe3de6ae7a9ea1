'use client';

import { useRouter } from 'next/navigation';
import { Dialog } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { useMaybeDay } from './day';
import { Find, type Findable } from './find';
import { Live } from './live';
import { useSaving } from './saving';
import { stations } from './stations';

const keyList = [
  ['g then 1–9', 'go to a station of the job'],
  ['g y · g p · g f', 'Yard · Shop · Shelf'],
  ['/', 'find a part, step, section or product'],
  [', and .', 'a day back, a day on'],
  ['t', 'today'],
  ['u or Ctrl+Z', 'undo your last edit'],
  ['Arrow keys', 'neighbour panel, or next row, in the picture in focus'],
  ['?', 'these keys'],
];

const inField = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'SELECT', 'TEXTAREA'].includes(target.tagName));

/** Keys that work everywhere; single keys only while no field has focus. */
export function Keys({ job, findables }: { job: string | null; findables: Findable[] }) {
  const router = useRouter();
  const day = useMaybeDay();
  const { undo } = useSaving();
  const [help, setHelp] = useState(false);
  const [find, setFind] = useState(false);
  const goes = useRef(0);
  useEffect(() => {
    const go = (key: string) => {
      const station = stations.find((one) => one.key === key);
      const place = { y: '/', p: '/shop', f: '/shelf' }[key];
      if (place) router.push(place);
      else if (station && job) router.push(`/jobs/${job}/${station.path}`);
    };
    const onKey = (event: KeyboardEvent) => {
      if (inField(event.target) || event.altKey || event.metaKey) return;
      if (event.ctrlKey) {
        if (event.key === 'z') void undo(job ?? 'shop');
        return;
      }
      if (Date.now() - goes.current < 1500) {
        goes.current = 0;
        go(event.key);
        return;
      }
      const acts: Record<string, () => void> = {
        g: () => (goes.current = Date.now()),
        '/': () => setFind(true),
        '?': () => setHelp(true),
        u: () => void undo(job ?? 'shop'),
        ',': () => day?.move(-1),
        '.': () => day?.move(1),
        t: () => day?.today(),
      };
      if (!Object.hasOwn(acts, event.key)) return;
      event.preventDefault();
      acts[event.key]!();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router, job, undo, day]);
  return (
    <>
      <Live room={job} />
      <Find open={find} onOpenChange={setFind} findables={findables} />
      <Dialog.Root open={help} onOpenChange={setHelp}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
          <Dialog.Content
            className="fixed top-24 left-1/2 z-50 w-[440px] -translate-x-1/2 border border-strong bg-raised p-5"
            aria-describedby={undefined}
          >
            <Dialog.Title className="mb-2 text-lead font-semibold">Keys</Dialog.Title>
            <dl className="grid grid-cols-[140px_1fr] gap-y-1">
              {keyList.map(([keys, does]) => (
                <div key={keys} className="contents">
                  <dt className="font-semibold">{keys}</dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}
