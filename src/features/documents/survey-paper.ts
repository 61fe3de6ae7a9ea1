import { column, quiet, row, table, type PrintedPaper } from '@/core/documents';
import { deference } from '@/core/safety';
import { filmSummary, netOfJob } from '@/core/survey';
import { fullDate } from '../words/format';
import { depthWords, markSign, markWords } from '../words/survey-words';
import { letterheadOf } from './letterhead';
import { netDrawingWithMarks } from './net-drawing';
import type { WorkGiven } from './work-papers';

const um = (value: number): string => value.toFixed(0);

/** The survey: the net with its panels, then a line a panel of which something is known. */
export function surveyPaper({ job, plan, shop }: WorkGiven): PrintedPaper {
  const net = netOfJob(job);
  const signs = [...new Set(job.marks.map((one) => `${markSign(one.kind)} ${markWords[one.kind]}`))].sort();
  const sections = new Map(job.sections.map((one) => [one.key, one]));
  const rows = net.flatMap((part) => {
    const survey = job.surveyed.find((one) => one.key === part.key);
    const marks = job.marks.filter((one) => one.part === part.key);
    const film = filmSummary(job.readings.filter((one) => one.part === part.key));
    if (!survey && marks.length === 0 && !film) return [];
    const said = [
      survey?.absent ? 'left out' : '',
      survey && survey.leadTest !== 'not-tested' ? `lead ${survey.leadTest}` : '',
      survey && survey.solventTest !== 'not-tested' ? `solvent: ${survey.solventTest}` : '',
      survey?.reference ? `do not strip: ${survey.reference}` : '',
      survey?.note ?? '',
    ].filter(Boolean);
    return [
      row(
        `${part.key} ${part.name}`,
        marks
          .map((one) => `${markWords[one.kind]} ${one.sizeMm} mm${one.mended ? ', mended' : ''}`)
          .join('; '),
        film ? `${um(film.lowestUm)}–${um(film.highestUm)}, median ${um(film.medianUm)}` : '',
        depthWords[survey?.depth ?? sections.get(part.section)?.depth ?? 'scuff'],
        said.join('; '),
      ),
    ];
  });
  return {
    title: `Survey of ${job.name}`,
    subject: `${job.number} · arrives ${fullDate(job.arrival)}, promised ${fullDate(job.promised)}, level ${job.level}`,
    shop: letterheadOf(shop),
    blocks: [
      ...netDrawingWithMarks(
        { job, plan, words: 'Every outside laid flat, with the keys of its panels and its marks' },
        job.marks,
      ),
      ...(signs.length > 0 ? [quiet(`Marks: ${signs.join(', ')}.`)] : []),
      table(
        'Findings by panel',
        [
          column('Panel', 3),
          column('Marks', 4),
          column('Film, µm', 2.4),
          column('Down to', 2),
          column('Notes', 4),
        ],
        rows,
      ),
      quiet(`${net.length - rows.length} panels have nothing written of them.`),
      quiet(`Test for lead and chromate before anything dry. ${deference}`),
    ],
  };
}
