import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { shelfOf, standardShelf } from '../film';
import { demoShop } from '../../demo/shop';
import { jobFixture } from '../job.fixture';
import { blankSurvey, clockOf, type Job, type JobSection, type PartSurvey } from '../record';
import { lotsOf, partsOfJob } from '../survey';
import type { Part } from '../vehicle';
import { buildSteps } from './builder';
import type { Step, StepNetwork } from './step';

const shelf = shelfOf(standardShelf);

/** The jobs the hand-written statements in `golden/` are about. */
interface GoldenJob {
  job: Parameters<typeof jobFixture>[0];
  sections: (one: JobSection) => object;
  /** What the survey says of panels. */
  panels?: (part: Part) => Partial<PartSurvey>;
}
const jobs: Record<string, GoldenJob> = {
  'steel-car-show': {
    job: { bodyKind: 'saloon', level: 'Show' },
    sections: () => ({ depth: 'bare', oldFinish: 'peeling-clear', system: 'base-clear' }),
  },
  'lacquered-4x4-road': {
    job: { bodyKind: 'pickup', level: 'Road' },
    sections: ({ loose }) => (loose ? {} : { oldFinish: 'lacquer', system: 'single-stage' }),
  },
  'vintage-two-tone': {
    job: { bodyKind: 'vintage', level: 'Show' },
    sections: ({ key }) => ({ colour: key === 'tub' ? 'Slate' : 'Straw' }),
  },
  coach: {
    job: { bodyKind: 'box-body', level: 'Show', dimensions: { length: 7.6, width: 2.3, height: 2.7 } },
    sections: ({ key }) => ({ substrate: 'aluminium', level: key === 'roof' ? 'Road' : 'Show' }),
  },
  'hull-roller': {
    job: { bodyKind: 'open-hull', level: 'Work', dimensions: { length: 5 } },
    sections: () => ({}),
  },
  'removals-lorry': {
    job: { bodyKind: 'box-body', level: 'Road', dimensions: { length: 7.6, width: 2.3, height: 2.7 } },
    sections: ({ key }) => ({
      system: 'single-stage',
      colour: key === 'roof' ? 'Straw' : 'Slate',
      schools: key === 'roof' ? {} : { texture: 'before-colour' },
    }),
  },
  'pearl-estate': {
    job: { bodyKind: 'estate', level: 'Show' },
    sections: () => ({ system: 'pearl-three-stage' }),
  },
  'correction-limousine': {
    job: { bodyKind: 'saloon', level: 'Keep' },
    sections: () => ({ depth: 'scuff' }),
  },
  'crew-bus': {
    job: { bodyKind: 'box-body', level: 'Work', dimensions: { length: 9, width: 2.4, height: 2.9 } },
    sections: () => ({
      depth: 'stable',
      oldFinish: 'enamel',
      system: 'single-stage',
      schools: { openings: 'first-soft' },
    }),
  },
  'part-repaint': {
    job: { bodyKind: 'saloon', level: 'Keep' },
    sections: () => ({ depth: 'scuff', oldFinish: 'enamel' }),
    panels: ({ key }) =>
      key === 'D1L' ? { level: 'Road', lot: 'left' } : key === 'D1R' ? { level: 'Road', lot: 'right' } : {},
  },
  'hull-show': {
    job: { bodyKind: 'open-hull', level: 'Show', dimensions: { length: 7 } },
    sections: ({ key }) => ({ level: key === 'bottom' ? 'Keep' : 'Show', colour: key }),
  },
  'aircraft-bare': { job: { bodyKind: 'low-wing', level: 'Work' }, sections: () => ({}) },
};

interface Built extends StepNetwork {
  /** The clock of each area. */
  clocks: ReadonlyMap<string, string>;
}

function build(name: string): Built {
  const given = jobs[name]!;
  const base = jobFixture(given.job);
  const job: Job = { ...base, sections: base.sections.map((one) => ({ ...one, ...given.sections(one) })) };
  const survey = given.panels;
  const surveyed = survey
    ? partsOfJob(job).map((part) => ({ ...blankSurvey(part.key), ...survey(part) }))
    : job.surveyed;
  const whole: Job = { ...job, surveyed };
  const { parts, sections } = lotsOf(whole, partsOfJob(whole));
  const network = buildSteps({ job: { ...whole, sections }, parts, shop: demoShop, shelf });
  return { ...network, clocks: new Map(sections.map((one) => [one.key, clockOf(one)])) };
}

/** The lines of a statement, rounds written out; remarks fall away. */
function readStatement(name: string): Map<string, string[]> {
  const sections = new Map<string, string[]>();
  let lines: string[] = [];
  let round: { times: number; lines: string[] } | null = null;
  const close = () => {
    for (let i = 0; round && i < round.times; i += 1) lines.push(...round.lines);
    round = null;
  };
  for (const line of readFileSync(join(__dirname, 'golden', `${name}.txt`), 'utf8').split('\n')) {
    const section = /^section (\S+)/.exec(line);
    const times = /^(\d+) ×/.exec(line);
    if (section) {
      close();
      lines = [];
      sections.set(section[1]!, lines);
    } else if (sections.size === 0 || line.trim() === '') continue;
    else if (times) {
      close();
      round = { times: Number(times[1]), lines: [] };
    } else if (line.startsWith('  ')) round!.lines.push(wordsOf(line));
    else {
      close();
      lines.push(wordsOf(line));
    }
  }
  close();
  return sections;
}

/** A booth line names its coats, "roll" its layer, every other line only the operation; what follows is remark. */
function wordsOf(line: string): string {
  const text = line.trim();
  const coats = /^(booth(?: insides)?|roll) (?:[a-z]+ \d+(?:, )?)+/.exec(text);
  return coats ? coats[0].trim() : text.split(/\s/)[0]!;
}

/** The same lines as the builder has them: its order, sessions gathered, moves and waits in rooms left out, and what settles beside them. */
function statementOf({ steps, links, stays, clocks }: Built, section: string): string[] {
  const lines: string[] = [];
  const sessions = new Map<string, number>();
  for (const step of inWorkingOrder(steps, links, stays).filter((one) =>
    one.sections.some((area) => clocks.get(area) === section),
  )) {
    if (['move', 'load', 'wipe', 'dust-free', 'unload', 'sand-between', 'settle'].includes(step.operation))
      continue;
    // Grits and pads of one sequence are one line to a reader.
    if (step.grit && lines.at(-1) === plain(step)) continue;
    if (!step.coat)
      lines.push(step.operation.startsWith('inspect') || isHold(step) ? 'inspect' : plain(step));
    else if (step.hold && stays.some((stay) => stay.key === step.hold && stay.kind === 'session')) {
      const at = sessions.get(step.hold);
      const word = `${step.coat.role} `;
      if (at === undefined) {
        const insides = step.hold.endsWith('/insides') ? ' insides' : '';
        sessions.set(step.hold, lines.push(`booth${insides} ${word}1`) - 1);
      } else {
        const [head, last] = /^(.*?)([a-z]+ \d+)$/.exec(lines[at]!)!.slice(1);
        lines[at] = last!.startsWith(word)
          ? `${head}${word}${Number(last!.split(' ')[1]) + 1}`
          : `${lines[at]}, ${word}1`;
      }
    } else lines.push(`roll ${step.coat.role} 1`);
  }
  return lines;
}

/** Two operations that are one line to a reader: the school or the route decides which. */
const readersWord: Record<string, string> = {
  'treat-skin': 'treat-aluminium',
  'mask-skin': 'mask',
  'cure-hull': 'cure',
};
const plain = (step: Step) => readersWord[step.operation] ?? step.operation;
const isHold = (step: Step) => step.key.startsWith('hold/');

/** Steps so that each comes after those it is linked to, as early in the given order as it can. */
function inWorkingOrder(
  steps: readonly Step[],
  links: StepNetwork['links'],
  stays: StepNetwork['stays'],
): Step[] {
  const before = new Map(steps.map((step) => [step.key, new Set<string>()]));
  for (const link of links) before.get(link.to)!.add(link.from);
  for (const stay of stays)
    for (const step of steps)
      if (step.hold === stay.key) {
        if (step.key !== stay.from) before.get(step.key)!.add(stay.from);
        if (step.key !== stay.to) before.get(stay.to)!.add(step.key);
      }
  const done = new Set<string>();
  const order: Step[] = [];
  while (order.length < steps.length) {
    const next = steps.find(
      (step) => !done.has(step.key) && [...before.get(step.key)!].every((key) => done.has(key)),
    );
    if (!next) throw new Error('a ring');
    done.add(next.key);
    order.push(next);
  }
  return order;
}

describe.each(Object.keys(jobs))('%s', (name) => {
  const network = build(name);
  test.each([...readStatement(name)])('%s goes as it was written by hand', (section, lines) => {
    expect(statementOf(network, section)).toEqual(lines);
  });
});
