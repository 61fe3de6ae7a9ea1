// What the server counts of itself, in the words of the package that everybody reads.
import { collectDefaultMetrics, Counter, Histogram, Registry } from 'prom-client';

export function meters() {
  const registry = new Registry();
  collectDefaultMetrics({ register: registry, prefix: 'coatrel_' });
  const answers = new Counter({
    name: 'coatrel_answers_total',
    help: 'Answers by kind and class of status',
    labelNames: ['kind', 'status'],
    registers: [registry],
  });
  const seconds = new Histogram({
    name: 'coatrel_answer_seconds',
    help: 'How long answers took',
    labelNames: ['kind'],
    buckets: [0.01, 0.025, 0.05, 0.1, 0.2, 0.3, 0.5, 1, 2, 5, 10, 30],
    registers: [registry],
  });
  const count = ({ at, status, ms }) => {
    const kind = at.startsWith('/_next/') ? 'file' : at.startsWith('/api/') ? 'api' : 'page';
    answers.inc({ kind, status: `${Math.floor(status / 100)}xx` });
    seconds.observe({ kind }, ms / 1000);
  };
  return { registry, count };
}
