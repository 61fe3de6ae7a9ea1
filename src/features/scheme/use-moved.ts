'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import { useSent } from '../frame/entry-form';
import type { ConstructionShown, LayoutProps } from './layout-props';
import { movedShape } from './moved-shape';

interface Move {
  id: string;
  /** Version it was begun on. */
  seen: number;
  up: number;
  along: number;
}

/** A hand that rests this long has come to its place. */
const restMs = 600;

interface Moved {
  constructions: ConstructionShown[];
  /** Moves what is selected, mm up its strip and along it. */
  onMove(up: number, along: number): void;
  refused: string | null;
}

/** What is moved by hand before it is saved: the picture follows at once, the record when the hand comes to rest. */
export function useMoved({ job, constructions: stored }: LayoutProps, selected: string | null): Moved {
  const [move, setMove] = useState<Move | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const send = useSent();
  const own = stored.find((one) => one.id === selected);
  const isOpen = own !== undefined && move?.id === own.id && move.seen === own.seen;
  const constructions = useMemo(
    () =>
      stored.map((one) =>
        move?.id === one.id && move.seen === one.seen
          ? { ...one, shape: movedShape(one.shape, move.up, move.along) }
          : one,
      ),
    [stored, move],
  );
  const onMove = useCallback(
    (up: number, along: number) => {
      if (!own) return;
      setRefused(null);
      setMove((before) =>
        before?.id === own.id && before.seen === own.seen
          ? { ...before, up: before.up + up, along: before.along + along }
          : { id: own.id, seen: own.seen, up, along },
      );
    },
    [own],
  );
  useEffect(() => {
    if (!isOpen || !own || !move || (move.up === 0 && move.along === 0)) return undefined;
    const rest = setTimeout(() => {
      const shape = movedShape(own.shape, move.up, move.along);
      const { id, seen } = own;
      const saved = send({ kind: 'set-item', job, list: 'constructions', id, seen, set: { shape } });
      void saved.then((why) => {
        if (why === null) return;
        setRefused(why);
        setMove(null);
      });
    }, restMs);
    return () => clearTimeout(rest);
  }, [isOpen, own, move, job, send]);
  return { constructions, onMove, refused };
}
