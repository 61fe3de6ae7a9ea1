import { column, figures, quiet, row, table, text, type PaperRow, type PrintedPaper } from '@/core/documents';
import type { Job, Mark } from '@/core/record';
import { deference } from '@/core/safety';
import { advicePart, filmSummary, netOfJob } from '@/core/survey';
import type { Part } from '@/core/vehicle';
import { area, fullDate } from '../words/format';
import { depthWords, markSign, markWords } from '../words/survey-words';
import { letterheadOf } from './letterhead';
import { netDrawingWithMarks } from './net-drawing';
import type { WorkGiven } from './work-papers';

const um = (value: number): string => value.toFixed(0);

/** The survey: the net with its marks, then a line a panel of which something is known; the others share the last lines. */
export function surveyPaper({ job, plan, shop }: WorkGiven): PrintedPaper {
  const net = netOfJob(job);
  const signs = [...new Set(job.marks.map((one) => `${markSign(one.kind)} ${markWords[one.kind]}`))].sort();
  const found = net.filter((part) => isFound(part, job));
  const plain = net.filter((part) => !found.includes(part));
  const bySection = job.sections.flatMap(({ key, name }) => {
    const own = plain.filter((part) => part.section === key).map((part) => part.key);
    return own.length > 0 ? [`${name} ${own.join(', ')}`] : [];
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
          figures('Area', 1.6),
          column('Marks', 3.4),
          column('Film, µm', 2.4),
          column('Solvent, lead', 2.2),
          column('Advised', 2),
          column('Chosen', 2),
          column('Notes', 3),
        ],
        found.map((part) => panelRow(part, job)),
      ),
      text(`Nothing found on ${plain.length} panels: ${bySection.join('; ') || 'none'}.`),
      quiet(`Test for lead and chromate before anything dry. ${deference}`),
    ],
  };
}

/** Something was written of a panel: its survey, a mark or a reading. */
const isFound = ({ key }: Part, { surveyed, marks, readings }: Job): boolean =>
  surveyed.some((one) => one.key === key) ||
  marks.some((one) => one.part === key) ||
  readings.some((one) => one.part === key);

const markText = ({ kind, sizeMm, depthMm, mended }: Mark): string =>
  `${markWords[kind]} ${sizeMm}${depthMm === null ? '' : ` × ${depthMm}`} mm${mended ? ', mended' : ''}`;

function panelRow(part: Part, job: Job): PaperRow {
  const survey = job.surveyed.find((one) => one.key === part.key);
  const section = job.sections.find((one) => one.key === part.section);
  const film = filmSummary(job.readings.filter((one) => one.part === part.key));
  return row(
    `${part.key} ${part.name}`,
    survey?.absent ? 'left out' : area(part.outsideM2),
    job.marks
      .filter((one) => one.part === part.key)
      .map(markText)
      .join('; '),
    film ? `${um(film.lowestUm)}–${um(film.highestUm)}, median ${um(film.medianUm)}` : '',
    survey ? `${survey.solventTest.replace('-', ' ')}, ${survey.leadTest.replace('-', ' ')}` : '',
    section ? depthWords[advicePart(job, section, part.key).depth] : '',
    depthWords[survey?.depth ?? section?.depth ?? 'scuff'],
    [survey?.reference && `do not strip: ${survey.reference}`, survey?.note].filter(Boolean).join('; '),
  );
}
