'use client';

import { askJson, jsonPost, Refusal, refusalOf } from '../frame/asking';
import { useMutation } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { PlanFigures, TogetherProposal } from '@/core/changes';
import { Button } from '@/ui/button';
import { Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { useLive } from '@/ui/use-live';
import { date, hours } from '../words/format';
import { counted } from '../words/counted';
import { May } from '../frame/who';

/** All open jobs planned together on the shop's booths and people: propose, compare, accept for all or for none. */
export function Together() {
  const live = useLive();
  const router = useRouter();
  const [done, setDone] = useState<string | null>(null);
  const proposing = useMutation({
    mutationFn: () => askJson<TogetherProposal>('/api/together'),
    onMutate: () => setDone(null),
  });
  const proposal = proposing.data ?? null;
  const accepting = useMutation({
    mutationFn: (token: string) => askJson('/api/together', jsonPost({ token })),
    onSuccess: () => {
      setDone('Accepted: every job goes by its new plan.');
      router.refresh();
    },
    onError: (error) =>
      setDone(
        error instanceof Refusal && error.status === 409
          ? 'Not accepted: something has changed since. Plan them together again.'
          : 'Coatrel does not answer; nothing is accepted.',
      ),
    onSettled: () => proposing.reset(),
  });
  const busy = proposing.isPending || accepting.isPending;
  const said = proposing.isPending ? 'Planning all jobs together …' : (refusalOf(proposing.error) ?? done);
  const propose = () => proposing.mutate();
  const accept = () => accepting.mutate(proposal!.token);
  return (
    <section aria-label="All jobs together" className="pt-6">
      <div className="flex flex-wrap items-center gap-3">
        <Button disabled={!live || busy} onClick={propose}>
          Plan all jobs together
        </Button>
        <span role="status" className="text-quiet">
          {said}
        </span>
      </div>
      {proposal && (
        <>
          <p className="py-2 text-quiet">
            Best of {counted(proposal.orders, 'order')} in which the jobs take their hours:{' '}
            {proposal.order.join(', ')}. Starts that are agreed stay unless something forces them or enough is
            won to move people for it.
          </p>
          <ProposalTable proposal={proposal} />
          <div className="flex items-center gap-3 pt-3">
            <May deed="accept-together">
              <Button look="main" disabled={!live || busy} onClick={accept}>
                Accept for all {proposal.rows.length} jobs
              </Button>
            </May>
            <Button onClick={() => proposing.reset()}>Leave as agreed</Button>
          </div>
          {proposal.rows.some((row) => row.together.lateDays > 0) && (
            <Notice grade="caution">
              no order of the jobs keeps every promise: see what to give up in Bays of the late one
            </Notice>
          )}
        </>
      )}
    </section>
  );
}

/** Every job as agreed and as planned together. */
function ProposalTable({ proposal }: { proposal: TogetherProposal }) {
  return (
    <Table
      caption="Agreed and together"
      head={[
        'Job',
        'Promised',
        'Ends as agreed',
        'Ends together',
        { text: 'Booth h, agreed', right: true },
        { text: 'together', right: true },
        { text: 'Starts that move', right: true },
      ]}
    >
      {proposal.rows.map((row) => (
        <tr key={row.job} className="border-b border-line">
          <td className="py-1 pr-3">
            <span className="font-semibold">{row.job}</span> {row.name}
          </td>
          <td className="pr-3 whitespace-nowrap">{date(row.promised)}</td>
          <td className="pr-3 whitespace-nowrap">
            {row.agreed ? <Ends figures={row.agreed} /> : 'not agreed'}
          </td>
          <td className="pr-3 font-semibold whitespace-nowrap">
            <Ends figures={row.together} />
          </td>
          <td className="pr-3 text-right tabular-nums">{row.agreed ? hours(row.agreed.boothMin) : '–'}</td>
          <td className="pr-3 text-right tabular-nums">{hours(row.together.boothMin)}</td>
          <td className="text-right tabular-nums">{row.agreed ? row.moved : 'all'}</td>
        </tr>
      ))}
    </Table>
  );
}

function Ends({ figures }: { figures: PlanFigures }) {
  return (
    <>
      {figures.finishDate ? date(figures.finishDate) : '–'}
      {figures.lateDays > 0 && <span className="text-stop"> {figures.lateDays} d late</span>}
    </>
  );
}
