'use client';

import Image from 'next/image';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { Button } from '@/ui/button';
import { askJson, refusalOf } from '../frame/asking';
import { useSaving } from '../frame/saving';
import { useOpen } from '../frame/who';

const mostLines = 6;

/** The head of the shop's paper: lines below its name, and its mark. */
export function LetterheadPart({
  letterhead,
  markSha256,
  seen,
}: {
  letterhead: readonly string[];
  markSha256: string;
  seen: number;
}) {
  const id = useId();
  const live = useOpen('shop');
  const router = useRouter();
  const { save } = useSaving();
  const [text, setText] = useState(letterhead.join('\n'));
  const [said, setSaid] = useState<string | null>(null);
  const lines = text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
  const keep = async () => {
    if (lines.join('\n') === letterhead.join('\n')) return setSaid(null);
    if (lines.length > mostLines) return setSaid(`At most ${mostLines} lines.`);
    if (lines.some((line) => line.length > 80)) return setSaid('At most 80 letters a line.');
    setSaid(null);
    await save({ kind: 'shop', seen, set: { letterhead: lines } });
  };
  const takeMark = async (file: File) => {
    try {
      await askJson(`/api/shop/mark?seen=${seen}`, { method: 'POST', body: file });
      setSaid(null);
      router.refresh();
    } catch (error) {
      setSaid(refusalOf(error instanceof Error ? error : new Error()));
    }
  };
  return (
    <section aria-label="Head of the paper" className="max-w-3xl pb-4">
      <h2 className="font-semibold">Head of the paper</h2>
      <div className="flex flex-wrap items-start gap-6 pt-1">
        <label htmlFor={id} className="sr-only">
          Lines below the name of the shop
        </label>
        <textarea
          id={id}
          rows={4}
          className="w-80 border border-line bg-raised p-2"
          placeholder="address, telephone, number of the register"
          disabled={!live}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onBlur={() => void keep()}
        />
        <div>
          {markSha256 !== '' && (
            <Image
              unoptimized
              src={`/api/photos/${markSha256}?thumb`}
              alt="Mark of the shop"
              width={160}
              height={64}
              className="mb-2 h-16 w-auto border border-line object-contain"
            />
          )}
          <label className="block text-small text-quiet">
            Mark, a picture of at most 15 MB
            <input
              type="file"
              accept="image/*"
              disabled={!live}
              className="block h-auto py-1"
              onChange={(event) => {
                const [file] = event.target.files ?? [];
                if (file) void takeMark(file);
                event.target.value = '';
              }}
            />
          </label>
          {markSha256 !== '' && (
            <Button
              disabled={!live}
              onClick={() => void save({ kind: 'shop', seen, set: { markSha256: '' } })}
            >
              Leave the mark out
            </Button>
          )}
        </div>
      </div>
      {said && (
        <p role="alert" className="text-stop">
          {said}
        </p>
      )}
    </section>
  );
}
