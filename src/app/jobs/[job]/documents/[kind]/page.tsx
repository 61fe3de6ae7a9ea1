import { notFound } from 'next/navigation';
import { documentAsked } from '@/app/api/document-asked';
import { documentOf } from '@/app/document-of';
import { allowed } from '@/app/page-caller';
import { documentReading } from '@/features/documents/document-kinds';
import { DocumentPage } from '@/features/documents/document-page';

interface Given {
  params: Promise<{ job: string; kind: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** A document of a job, to read, to print, or to take along as PDF. */
export default async function PrintedDocument({ params, searchParams }: Given) {
  const { job, kind } = await params;
  const query = new URLSearchParams(
    Object.entries(await searchParams).flatMap(([key, value]) =>
      typeof value === 'string' ? [[key, value]] : [],
    ),
  );
  const number = decodeURIComponent(job);
  const asked = documentAsked(kind, query);
  if (asked.status === 'faulty') notFound();
  await allowed(documentReading[asked.value.kind]);
  const paper = await documentOf(number, asked.value.kind, asked.value);
  if (paper === null) notFound();
  return <DocumentPage job={number} kind={asked.value.kind} query={query.toString()} paper={paper} />;
}
